package dettato.mark;

import dettato.sound.Sound;
import java.util.Set;

/**
 * Names why a sound may have been left out: nasals and liquids are easily lost in clusters, weak
 * vowels before a sonorant, vowels beside a letter whose name has them. Sources: Treiman 1993; Read
 * 1971.
 */
final class Lost {
  private static final Set<String> NASALS = Set.of("m", "n", "ŋ");
  private static final Set<String> LIQUIDS = Set.of("l", "r");
  private static final Set<String> SONORANTS = Set.of("l", "r", "m", "n");

  private Lost() {}

  /**
   * The name of what a missing unit shows, "" for nothing in particular.
   *
   * @param writtenBefore what was written for the unit before
   */
  static String name(Target target, int unit, String writtenBefore) {
    return target.units[unit].vowel ? vowel(target, unit, writtenBefore) : consonant(target, unit);
  }

  private static String consonant(Target target, int unit) {
    String sound = target.units[unit].sound().id();
    boolean nextConsonant = unit + 1 < target.units.length && !target.units[unit + 1].vowel;
    boolean afterConsonant = unit > 0 && !target.units[unit - 1].vowel;
    if (nextConsonant && NASALS.contains(sound)) {
      return "nasal-lost";
    }
    return (nextConsonant || afterConsonant) && LIQUIDS.contains(sound) ? "liquid-lost" : "";
  }

  private static String vowel(Target target, int unit, String writtenBefore) {
    Sound sound = target.units[unit].sound();
    boolean last = unit + 1 == target.units.length;
    if (sound.isWeakVowel() && !last && SONORANTS.contains(target.units[unit + 1].sound().id())) {
      return "syllabic";
    }
    if (!last && LetterNames.begins(target.units[unit + 1].grapheme.charAt(0), sound)) {
      return "letter-name";
    }
    if (writtenBefore.length() == 1 && LetterNames.ends(writtenBefore.charAt(0), sound)) {
      return "letter-name";
    }
    return target.word.isOneBeat() ? "vowel-lost" : "beat-lost";
  }
}
