package dettato.mark;

import dettato.word.Segmentation;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/** Letters of different units that changed places, in a word otherwise right. */
public final class LetterSwap {
  /** In longer words the letters that stand can be told from those that moved. */
  private static final int SHORT = 4;

  private LetterSwap() {}

  /**
   * First and last unit of a short word all of whose letters are there in another order (was for
   * saw, how for who), or null when that is not what happened.
   */
  static @Nullable Swap jumbled(Segmentation word, String written) {
    String spelling = word.spelling();
    boolean other = !written.equals(spelling) && word.size() > 1;
    return other && spelling.length() <= SHORT && sorted(spelling).equals(sorted(written))
        ? new Swap(0, word.size() - 1)
        : null;
  }

  private static String sorted(String letters) {
    char[] all = letters.toCharArray();
    Arrays.sort(all);
    return new String(all);
  }

  /** The units of the two letters, or null when that is not what happened. */
  static @Nullable Swap across(Segmentation word, String written) {
    int at = at(word.spelling(), written);
    if (at < 0 || word.unitAt(at) == word.unitAt(at + 1)) {
      return null;
    }
    int first = Math.min(word.unitAt(at), word.unitAt(at + 1));
    int second = Math.max(word.unitAt(at), word.unitAt(at + 1));
    return new Swap(first, second);
  }

  /** Where two letters next to each other changed places, all else as it was; -1 for nowhere. */
  public static int at(String spelling, String written) {
    if (written.length() != spelling.length()) {
      return -1;
    }
    int at = 0;
    while (at < written.length() && written.charAt(at) == spelling.charAt(at)) {
      at++;
    }
    boolean turned =
        at + 1 < written.length()
            && written.charAt(at) == spelling.charAt(at + 1)
            && written.charAt(at + 1) == spelling.charAt(at)
            && written.regionMatches(at + 2, spelling, at + 2, written.length() - at - 2);
    return turned ? at : -1;
  }
}
