package dettato.mark;

import dettato.sound.Sound;
import java.util.Map;

/**
 * Letters used for the sounds of their names (bot for boat, hlp for help). Source: Read 1971;
 * Treiman 1993.
 */
public final class LetterNames {
  private static final Map<String, String> VOWEL_OF =
      Map.of(
          "FACE", "a", "FLEECE", "e", "PRICE", "i", "GOAT", "o", "CUTE", "u", "TUNE", "u", "GOOSE",
          "u", "START", "r", "happY", "e");

  private static final Map<String, String> BEGIN_WITH = Map.of("DRESS", "flmnsx", "START", "r");

  private static final Map<String, String> END_IN =
      Map.of("FLEECE", "bcdgptvz", "FACE", "jk", "CUTE", "q", "PRICE", "y");

  /** Names of two sounds, each as it begins and ends. */
  private static final Map<String, String> WHOLE =
      Map.ofEntries(
          Map.entry("b FLEECE", "b"),
          Map.entry("s FLEECE", "c"),
          Map.entry("d FLEECE", "d"),
          Map.entry("dʒ FLEECE", "g"),
          Map.entry("p FLEECE", "p"),
          Map.entry("t FLEECE", "t"),
          Map.entry("v FLEECE", "v"),
          Map.entry("dʒ FACE", "j"),
          Map.entry("k FACE", "k"),
          Map.entry("k CUTE", "q"),
          Map.entry("j GOOSE", "u"),
          Map.entry("w PRICE", "y"));

  private LetterNames() {}

  /** Whether a letter's name is these two sounds (c for see, y for why). */
  public static boolean isNameOf(String letter, Sound first, Sound second) {
    return letter.equals(WHOLE.get(first.id() + " " + second.id()));
  }

  /** Whether a letter's name is this vowel. */
  public static boolean isNameOf(String letter, Sound sound) {
    return letter.equals(VOWEL_OF.get(sound.id()));
  }

  /** Whether the name of a consonant letter begins with this vowel (hlp for help). */
  static boolean begins(char consonant, Sound vowel) {
    return BEGIN_WITH.getOrDefault(vowel.id(), "").indexOf(consonant) >= 0;
  }

  /** Whether the name of a consonant letter ends in this vowel (t for tea). */
  static boolean ends(char consonant, Sound vowel) {
    return END_IN.getOrDefault(vowel.id(), "").indexOf(consonant) >= 0;
  }
}
