package dettato.word;

import dettato.sound.Sound;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * Cuts a word into beats. A consonant between two vowels opens the next beat, except after a short
 * stressed vowel, which keeps it (cab-in); of a run of consonants the longest legal onset opens the
 * next beat. Source: the maximal onset principle, Kahn 1976, with stressed short vowels closed.
 */
public final class Beats {
  private static final Set<String> ONSETS =
      Set.of(
          "pl", "pr", "bl", "br", "tr", "dr", "kl", "kr", "ɡl", "ɡr", "fl", "fr", "θr", "ʃr", "sp",
          "st", "sk", "sm", "sn", "sl", "sw", "tw", "kw", "dw", "spr", "str", "skr", "spl", "skw");

  private Beats() {}

  /**
   * The same cut with its beats.
   *
   * @param seam index of the letter at which a compound's second part begins, -1 when there is none
   */
  public static Segmentation cut(Segmentation word, int seam) {
    List<Unit> units = new ArrayList<>();
    Set<Integer> opens = seam < 0 ? openings(word, 0, word.size()) : across(word, seam);
    for (int i = 0; i < word.size(); i++) {
      units.add(word.unit(i).withBeat(i == 0 || opens.contains(i)));
    }
    return Segmentation.of(word.spelling(), units);
  }

  /** A compound's second part opens a beat whatever its sounds. */
  private static Set<Integer> across(Segmentation word, int seam) {
    int second = word.unitAt(seam);
    Set<Integer> opens = openings(word, 0, second);
    opens.add(second);
    opens.addAll(openings(word, second, word.size()));
    return opens;
  }

  private static Set<Integer> openings(Segmentation word, int from, int to) {
    Set<Integer> opens = new java.util.HashSet<>();
    int previous = -1;
    for (int i = from; i < to; i++) {
      if (!word.unit(i).sound().isVowel()) {
        continue;
      }
      if (previous >= 0) {
        opens.add(opening(word, previous, i));
      }
      previous = i;
    }
    return opens;
  }

  private static int opening(Segmentation word, int vowel, int next) {
    if (word.unit(next).sound().isRun() && !word.unit(next).sound().first().isVowel()) {
      return next;
    }
    boolean holds = closes(word.unit(vowel));
    int from = vowel + 1 + (holds && next - vowel > 2 ? 1 : 0);
    if (next - vowel == 2) {
      return holds ? next : next - 1;
    }
    for (int at = from; at < next; at++) {
      if (at == next - 1 || ONSETS.contains(sounds(word, at, next))) {
        return at;
      }
    }
    return next;
  }

  private static boolean closes(Unit vowel) {
    return vowel.stress() != Unit.Stress.NONE && vowel.sound().kind() == Sound.Kind.SHORT;
  }

  private static String sounds(Segmentation word, int from, int to) {
    StringBuilder run = new StringBuilder();
    for (int i = from; i < to; i++) {
      run.append(word.unit(i).sound().id());
    }
    return run.toString();
  }
}
