package dettato.mark;

import dettato.sound.Sound;
import java.util.List;
import java.util.Map;

/** Names what letters beyond the word's sounds may show: something heard between two of them. */
public final class Slipped {
  /** Vowels that end near /j/ and near /w/, so that one of these is heard before another vowel. */
  private static final Map<String, String> GLIDES =
      Map.of(
          "FLEECE", "y", "happY", "y", "FACE", "y", "PRICE", "y", "CHOICE", "y", "GOOSE", "w",
          "CUTE", "w", "GOAT", "w", "MOUTH", "w");

  private Slipped() {}

  /** vowel-inserted, glide or said-already; "" when they show nothing in particular. */
  public static String name(Mark mark, Extra extra) {
    int at = extra.before();
    List<UnitMark> units = mark.units();
    if (at == 0 || at > units.size()) {
      return "";
    }
    Sound before = mark.target().cut().unit(at - 1).sound();
    if (extra.written().equals("s") && units.get(at - 1).written().equals("x")) {
      return "said-already";
    }
    if (at == units.size()) {
      return "";
    }
    Sound after = mark.target().cut().unit(at).sound();
    if (!before.isVowel() && !after.isVowel() && extra.written().matches("[aeiou]")) {
      return "vowel-inserted";
    }
    boolean glide = extra.written().equals(GLIDES.get(before.id())) && after.first().isVowel();
    return glide ? "glide" : "";
  }
}
