package dettato.lexicon;

import dettato.sound.Sound;
import dettato.word.Segmentation;
import dettato.word.Unit;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * Cuts a word into beats. A consonant between two vowels opens the next beat, except after a short
 * stressed vowel, which keeps it (cab-in); of a run of consonants the longest legal onset opens the
 * next beat. Source: the maximal onset principle, Kahn 1976, with stressed short vowels closed.
 */
final class Beats {
  private static final Set<String> ONSETS =
      Set.of(
          "pl", "pr", "bl", "br", "tr", "dr", "kl", "kr", "ɡl", "ɡr", "fl", "fr", "θr", "ʃr", "sp",
          "st", "sk", "sm", "sn", "sl", "sw", "tw", "kw", "dw", "spr", "str", "skr", "spl", "skw");

  private Beats() {}

  static Segmentation cut(Segmentation word) {
    List<Unit> units = new ArrayList<>();
    Set<Integer> opens = openings(word);
    for (int i = 0; i < word.size(); i++) {
      units.add(word.unit(i).withBeat(i == 0 || opens.contains(i)));
    }
    return Segmentation.of(word.spelling(), units);
  }

  private static Set<Integer> openings(Segmentation word) {
    Set<Integer> opens = new java.util.HashSet<>();
    int previous = -1;
    for (int i = 0; i < word.size(); i++) {
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
