package dettato.lexicon;

import java.util.List;

/**
 * Spells out what the pronunciations run together: a schwa before r, a swallowed beat in -ically.
 */
final class Respoken {
  private Respoken() {}

  /** The same phones said with care. */
  static List<String> fully(List<String> phones) {
    String said = " " + String.join(" ", phones) + " ";
    return List.of(
        said.replaceAll(" ER0 (?=[AEIOU]\\w?\\d)", " AH0 R ")
            .replaceAll(" ER1 (?=[AEIOU]\\w?\\d)", " AH1 R ")
            .replace(" AH0 W AH0 ", " UW0 AH0 ")
            .replace(" IH0 K L IY0 ", " IH0 K AH0 L IY0 ")
            .replace(" SH L IY0 ", " SH AH0 L IY0 ")
            .replace(" SH N AH0 L ", " SH AH0 N AH0 L ")
            .replace(" NG K TH ", " NG TH ")
            .replace(" HH W ", " W ")
            .trim()
            .split(" "));
  }
}
