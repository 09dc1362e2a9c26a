package dettato.mark;

import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.word.Segmentation;
import dettato.word.Unit;
import java.util.Set;

/**
 * /t/ and /d/ between vowels, said alike in America before a weak vowel or a last o: metal and
 * medal, writer and rider, tomato.
 */
final class Flaps {
  private static final Set<String> STOPS = Set.of("t", "d");

  private Flaps() {}

  static boolean isFlap(Segmentation cut, int unit, Accent accent) {
    boolean stop = STOPS.contains(cut.unit(unit).sound().id());
    if (!stop || unit == 0 || unit + 1 == cut.size() || !has(accent)) {
      return false;
    }
    Unit next = cut.unit(unit + 1);
    boolean lastO = unit + 2 == cut.size() && next.sound().id().equals("GOAT");
    return cut.unit(unit - 1).sound().last().isVowel()
        && next.sound().first().isVowel()
        && (next.stress() == Unit.Stress.NONE || lastO);
  }

  /** Whether two words differ by nothing but such a sound. */
  static boolean areAlike(Segmentation one, Segmentation other, Accent accent) {
    return has(accent) && said(one, accent).equals(said(other, accent));
  }

  private static String said(Segmentation cut, Accent accent) {
    StringBuilder said = new StringBuilder();
    for (int i = 0; i < cut.size(); i++) {
      said.append(isFlap(cut, i, accent) ? "d" : accent.heard(cut.unit(i).sound()));
    }
    return said.toString();
  }

  private static boolean has(Accent accent) {
    return accent.line().contains(Accents.GENERAL_AMERICAN);
  }
}
