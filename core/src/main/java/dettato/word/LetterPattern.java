package dettato.word;

import java.util.ArrayList;
import java.util.List;

/**
 * A run of letter classes, compiled to bit masks (one bit a letter, one for the edge of the word),
 * so that a reading rule is tested in a few operations.
 */
final class LetterPattern {
  /** How many {@link #kind}s there are. */
  static final int KINDS = 28;

  private static final int EDGE = 1 << 26;
  private static final int VOWELS = mask("aeiouy");
  private static final int LETTERS = (1 << 26) - 1;

  private final int[] masks;
  private final boolean vowelEarlier;
  private final int silentE;

  private LetterPattern(int[] masks, boolean vowelEarlier, int silentE) {
    this.masks = masks;
    this.vowelEarlier = vowelEarlier;
    this.silentE = silentE;
  }

  /**
   * @throws IllegalArgumentException when a bracket is not closed
   */
  static LetterPattern compile(String text) {
    boolean earlier = text.startsWith("@");
    List<Integer> masks = new ArrayList<>();
    int silentE = -1;
    for (int i = earlier ? 1 : 0; i < text.length(); i++) {
      char c = text.charAt(i);
      if (c == '[') {
        int close = text.indexOf(']', i);
        if (close < 0) {
          throw new IllegalArgumentException("pattern '" + text + "' does not close its bracket");
        }
        masks.add(set(text.substring(i + 1, close)));
        i = close;
      } else {
        silentE = c == 'e' && silentE < 0 ? masks.size() : silentE;
        masks.add(one(c));
      }
    }
    return new LetterPattern(
        masks.stream().mapToInt(Integer::intValue).toArray(), earlier, silentE);
  }

  /** Whether anything fits. */
  boolean isEmpty() {
    return masks.length == 0 && !vowelEarlier;
  }

  /** What stands at a place: a letter, 0 to 25, the edge of the word, 26, or something else, 27. */
  static int kind(char[] word, int at) {
    int bit = bit(word, at);
    return bit == 0 ? 27 : Integer.numberOfTrailingZeros(bit);
  }

  /** Whether a place of this {@link #kind} may be the first that the pattern fits. */
  boolean mayStart(int kind) {
    return masks.length == 0 || kind < 27 && (masks[0] >> kind & 1) == 1;
  }

  /** Whether the letters from here on fit. */
  boolean fitsAfter(char[] word, int from) {
    for (int i = 0; i < masks.length; i++) {
      if ((masks[i] & bit(word, from + i)) == 0) {
        return false;
      }
    }
    return true;
  }

  /** Whether the letters just before this place fit. */
  boolean fitsBefore(char[] word, int to) {
    int first = to - masks.length;
    for (int i = 0; i < masks.length; i++) {
      if ((masks[i] & bit(word, first + i)) == 0) {
        return false;
      }
    }
    return !vowelEarlier || hasVowel(word, Math.min(first, word.length));
  }

  /** Where the pattern's first literal e stands, counted from its start; -1 when it has none. */
  int silentE() {
    return silentE;
  }

  private static boolean hasVowel(char[] word, int to) {
    for (int i = 0; i < to; i++) {
      if ((VOWELS & bit(word, i)) != 0) {
        return true;
      }
    }
    return false;
  }

  private static int bit(char[] word, int at) {
    if (at < 0 || at >= word.length) {
      return at == -1 || at == word.length ? EDGE : 0;
    }
    int letter = word[at] - 'a';
    return letter >= 0 && letter < 26 ? 1 << letter : 0;
  }

  private static int set(String inside) {
    boolean not = inside.startsWith("^");
    int mask = 0;
    for (int i = not ? 1 : 0; i < inside.length(); i++) {
      mask |= one(inside.charAt(i));
    }
    return not ? (LETTERS | EDGE) & ~mask : mask;
  }

  private static int one(char c) {
    return switch (c) {
      case 'V' -> VOWELS;
      case 'C' -> LETTERS & ~VOWELS;
      case 'F' -> mask("eiy");
      case 'L' -> LETTERS;
      case '_' -> EDGE;
      default -> mask(String.valueOf(c));
    };
  }

  private static int mask(String letters) {
    int mask = 0;
    for (char c : letters.toCharArray()) {
      if (c >= 'a' && c <= 'z') {
        mask |= 1 << (c - 'a');
      }
    }
    return mask;
  }
}
