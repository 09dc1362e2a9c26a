package dettato.word;

/**
 * A spelling made ready for the reading rules: one bit for each letter, with the edges of the word
 * around it, so that a rule is tested by masks alone. Made once a spelling.
 */
public final class LetterMasks {
  /** The bit of a word's edge. */
  static final int EDGE = 1 << 26;

  /** The bits of all letters. */
  static final int ANY = EDGE - 1;

  static final int VOWELS = of("aeiouy");

  /** How far beyond either end may be asked for at no cost. */
  private static final int MARGIN = 4;

  private final String spelling;
  private final int[] bits;
  private final int firstVowel;

  /**
   * @param spelling lower-case letters; what is no letter fits no mask
   */
  public LetterMasks(String spelling) {
    this.spelling = spelling;
    this.bits = new int[spelling.length() + 2 * MARGIN];
    int vowel = Integer.MAX_VALUE;
    for (int i = spelling.length() - 1; i >= 0; i--) {
      int bit = of(spelling.charAt(i));
      bits[MARGIN + i] = bit;
      vowel = (bit & VOWELS) != 0 ? i : vowel;
    }
    bits[MARGIN - 1] = EDGE;
    bits[MARGIN + spelling.length()] = EDGE;
    this.firstVowel = vowel;
  }

  /** The bits of several letters. */
  static int of(String letters) {
    int bits = 0;
    for (int i = 0; i < letters.length(); i++) {
      bits |= of(letters.charAt(i));
    }
    return bits;
  }

  /** The bit of a letter; 0 for anything else. */
  static int of(char c) {
    return c >= 'a' && c <= 'z' ? 1 << (c - 'a') : 0;
  }

  public String spelling() {
    return spelling;
  }

  public int length() {
    return spelling.length();
  }

  /** What stands at a place: a letter's bit, that of the edge next to the word, or 0. */
  int at(int place) {
    int index = place + MARGIN;
    return index >= 0 && index < bits.length ? bits[index] : 0;
  }

  /** The same as a number: a letter, 0 to 25, the edge, 26, or something else, 27. */
  int kind(int place) {
    int bit = at(place);
    return bit == 0 ? LetterPattern.KINDS - 1 : Integer.numberOfTrailingZeros(bit);
  }

  /** Whether a vowel letter stands before a place. */
  boolean hasVowelBefore(int place) {
    return firstVowel < place;
  }
}
