package dettato.mark;

import dettato.word.Segmentation;
import org.jspecify.annotations.Nullable;

/** Two neighbouring letters of different units that changed places, in a word otherwise right. */
final class LetterSwap {
  private LetterSwap() {}

  /** The units of the two letters, or null when that is not what happened. */
  static @Nullable Swap across(Segmentation word, String written) {
    String spelling = word.spelling();
    if (written.length() != spelling.length()) {
      return null;
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
    if (!turned || word.unitAt(at) == word.unitAt(at + 1)) {
      return null;
    }
    int first = Math.min(word.unitAt(at), word.unitAt(at + 1));
    int second = Math.max(word.unitAt(at), word.unitAt(at + 1));
    return new Swap(first, second);
  }
}
