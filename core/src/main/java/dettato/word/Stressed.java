package dettato.word;

import dettato.sound.Sound;
import java.util.ArrayList;
import java.util.List;

/** Gives a word outside the lexicon a stress: on its first vowel that is not weak. */
public final class Stressed {
  private Stressed() {}

  public static List<Unit> first(List<Unit> units) {
    List<Unit> stressed = new ArrayList<>(units);
    for (int i = 0; i < units.size(); i++) {
      Sound sound = units.get(i).sound();
      if (sound.isVowel()
          && sound.first().kind() != Sound.Kind.WEAK
          && !sound.id().equals("lettER")) {
        Unit unit = units.get(i);
        stressed.set(i, new Unit(sound, unit.grapheme(), Unit.Stress.MAIN, unit.opensBeat()));
        break;
      }
    }
    return stressed;
  }
}
