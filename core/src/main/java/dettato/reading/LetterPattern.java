package dettato.reading;

import java.util.ArrayList;
import java.util.List;

/** A run of letter classes, compiled to the bits of {@link LetterMasks}. */
final class LetterPattern {
  /** How many {@link LetterMasks#kind}s there are. */
  static final int KINDS = 28;

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

  int length() {
    return masks.length;
  }

  /** Whether a letter of this {@link LetterMasks#kind} may stand at a place of the pattern. */
  boolean mayStand(int place, int kind) {
    boolean free = place < 0 || place >= masks.length;
    return free || kind < KINDS - 1 && (masks[place] >> kind & 1) == 1;
  }

  /** Whether the letters from here on fit. */
  boolean fitsAfter(LetterMasks word, int from) {
    for (int i = 0; i < masks.length; i++) {
      if ((masks[i] & word.at(from + i)) == 0) {
        return false;
      }
    }
    return true;
  }

  /** Whether the letters just before this place fit. */
  boolean fitsBefore(LetterMasks word, int to) {
    int first = to - masks.length;
    return fitsAfter(word, first)
        && (!vowelEarlier || word.hasVowelBefore(Math.min(first, word.length())));
  }

  /** Where the pattern's first literal e stands, counted from its start; -1 when it has none. */
  int silentE() {
    return silentE;
  }

  private static int set(String inside) {
    boolean not = inside.startsWith("^");
    int mask = 0;
    for (int i = not ? 1 : 0; i < inside.length(); i++) {
      mask |= one(inside.charAt(i));
    }
    return not ? (LetterMasks.ANY | LetterMasks.EDGE) & ~mask : mask;
  }

  private static int one(char c) {
    return switch (c) {
      case 'V' -> LetterMasks.VOWELS;
      case 'C' -> LetterMasks.ANY & ~LetterMasks.VOWELS;
      case 'F' -> LetterMasks.of("eiy");
      case 'L' -> LetterMasks.ANY;
      case '_' -> LetterMasks.EDGE;
      default -> LetterMasks.of(c);
    };
  }
}
