package dettato.mark;

/**
 * Letters of a grapheme with one too many inside it, or with one that is another: cek for ck, ek
 * for ed. They stand for the grapheme, so that no letter beside it is blamed.
 */
final class Marred {
  private Marred() {}

  /** Whether the letters from here are those of the grapheme with one more inside. */
  static boolean isAdded(char[] text, int from, int end, String grapheme) {
    int length = grapheme.length();
    if (length < 2 || from + length + 1 > end || text[from] != grapheme.charAt(0)) {
      return false;
    }
    int same = 1;
    while (same < length && text[from + same] == grapheme.charAt(same)) {
      same++;
    }
    return same < length && isSame(text, from + same + 1, grapheme, same);
  }

  /**
   * Whether the letters from here are those of the grapheme but for one, not its first: a vowel
   * letter for another, or a consonant letter.
   */
  static boolean isChanged(char[] text, int from, int end, String grapheme) {
    int length = grapheme.length();
    if (length < 2 || from + length > end || text[from] != grapheme.charAt(0)) {
      return false;
    }
    int same = 1;
    while (same < length && text[from + same] == grapheme.charAt(same)) {
      same++;
    }
    return same < length
        && Form.isVowel(text[from + same]) == Form.isVowel(grapheme.charAt(same))
        && isSame(text, from + same + 1, grapheme, same + 1);
  }

  /** Whether all these letters are those of the grapheme but for one, not its first. */
  static boolean isChanged(String written, String grapheme) {
    return written.length() == grapheme.length()
        && isChanged(written.toCharArray(), 0, written.length(), grapheme);
  }

  /** Where the letter too many stands in these letters; -1 when there is none inside. */
  static int added(String written, String grapheme) {
    boolean longer = written.length() == grapheme.length() + 1;
    if (!longer || !isAdded(written.toCharArray(), 0, written.length(), grapheme)) {
      return -1;
    }
    int same = 1;
    while (written.charAt(same) == grapheme.charAt(same)) {
      same++;
    }
    return same;
  }

  private static boolean isSame(char[] text, int at, String grapheme, int from) {
    for (int i = from; i < grapheme.length(); i++) {
      if (text[at + i - from] != grapheme.charAt(i)) {
        return false;
      }
    }
    return true;
  }
}
