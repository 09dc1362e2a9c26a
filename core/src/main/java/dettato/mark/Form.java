package dettato.mark;

import java.util.List;

/**
 * What a grapheme is worth for a sound: verdict, points and the confusion's name, packed into one
 * int so that the marker's inner loop allocates nothing. The packed int is never 0.
 */
final class Form {
  private static final List<String> CONFUSIONS =
      List.of(
          "",
          "voicing",
          "place",
          "affrication",
          "th-fronting",
          "l-as-vowel",
          "vowel-neighbour",
          "vowel-length",
          "mirror",
          "swapped",
          "split-open",
          "split-added",
          "letter-name",
          "nasal-lost",
          "liquid-lost",
          "letters-missing",
          "sound-lost",
          "letter-changed",
          "made-up",
          "flap",
          "yod");
  private static final int CONTEXT = 1 << 30;
  private static final Verdict[] VERDICTS = Verdict.values();

  private Form() {}

  /**
   * @throws IllegalArgumentException when the confusion is not a known name
   */
  static int of(Verdict verdict, int points, String confusion) {
    int name = CONFUSIONS.indexOf(confusion);
    if (name < 0) {
      throw new IllegalArgumentException("confusion '" + confusion + "' has no name in Form");
    }
    return points << 10 | name << 4 | verdict.ordinal() << 1 | 1;
  }

  /** The same form, worth something only where it can be read as the sound. */
  static int onlyInContext(int form) {
    return form | CONTEXT;
  }

  static boolean isOnlyInContext(int form) {
    return (form & CONTEXT) != 0;
  }

  static int points(int form) {
    return (form & ~CONTEXT) >> 10;
  }

  static Verdict verdict(int form) {
    return VERDICTS[form >> 1 & 7];
  }

  static String confusion(int form) {
    return CONFUSIONS.get(form >> 4 & 63);
  }

  /** Up to five letters as one int, first letter highest; 0 when a character is no letter. */
  static int pack(String letters, int from, int to) {
    int packed = 0;
    for (int i = from; i < to; i++) {
      int letter = letter(letters.charAt(i));
      if (letter == 0) {
        return 0;
      }
      packed = packed << 5 | letter;
    }
    return packed;
  }

  /** A grapheme as one int; a split digraph is told from its letters standing together. */
  static int pack(String grapheme) {
    int gap = grapheme.indexOf('_');
    return gap < 0 ? pack(grapheme, 0, grapheme.length()) : pack(grapheme, 0, gap) | SPLIT;
  }

  static final int SPLIT = 1 << 30;

  static int letter(char c) {
    return c >= 'a' && c <= 'z' ? c - 'a' + 1 : c == '\'' ? 27 : 0;
  }

  static boolean isVowel(char c) {
    return "aeiouy".indexOf(c) >= 0;
  }
}
