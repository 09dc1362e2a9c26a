package dettato.mark;

import java.util.Locale;

/**
 * Letter sequences: two letters that follow one another, the beginning and the end of a word
 * counted as letters, so that a word of five letters has six. Source: the correct letter sequences
 * of curriculum-based measurement.
 */
public final class LetterSequences {
  private LetterSequences() {}

  /** How many a word has. */
  public static int of(String target) {
    return letters(target).length() - 1;
  }

  /** How many of them were written, in their order. */
  public static int right(String target, String attempt) {
    String due = letters(target);
    String written = letters(attempt);
    if (written.length() <= 2) {
      return 0;
    }
    int[] before = new int[written.length()];
    for (int i = 1; i < due.length(); i++) {
      int[] here = new int[written.length()];
      for (int j = 1; j < written.length(); j++) {
        boolean same =
            due.charAt(i - 1) == written.charAt(j - 1) && due.charAt(i) == written.charAt(j);
        here[j] = Math.max(Math.max(here[j - 1], before[j]), same ? before[j - 1] + 1 : 0);
      }
      before = here;
    }
    return before[written.length() - 1];
  }

  /** The letters between two marks that no word has. */
  private static String letters(String text) {
    return "<" + text.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}]", "") + ">";
  }
}
