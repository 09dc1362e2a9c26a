package dettato.reading;

/**
 * A spelling made ready for questions about its letters: one bit for each letter, with the edges of
 * the word around it, so that a set of letters is asked for by one mask. Made once a spelling.
 */
public final class LetterMasks {
  /** The bit of a word's edge. */
  static final int EDGE = 1 << 26;

  /** The bits of all letters. */
  static final int ANY = EDGE - 1;

  static final int VOWELS = of("aeiouy");

  /** How far beyond either end may be asked for at no cost. */
  private static final int MARGIN = 5;

  private final String spelling;
  private final int[] bits;
  private final int firstVowel;

  /** How many runs of vowel letters begin before a place. */
  private final int[] groups;

  /**
   * @param spelling lower-case letters; what is no letter is in no set
   */
  public LetterMasks(String spelling) {
    this.spelling = spelling;
    this.bits = new int[spelling.length() + 2 * MARGIN];
    this.groups = new int[spelling.length() + 1];
    for (int i = 0; i < spelling.length(); i++) {
      bits[MARGIN + i] = of(spelling.charAt(i));
      boolean begins = isVowel(i) && !isVowel(i - 1);
      groups[i + 1] = groups[i] + (begins ? 1 : 0);
    }
    this.firstVowel = firstVowel();
    bits[MARGIN - 1] = EDGE;
    bits[MARGIN + spelling.length()] = EDGE;
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

  /** The same within the margin: up to five places beyond either end. */
  int near(int place) {
    return bits[place + MARGIN];
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

  private int firstVowel() {
    int place = 0;
    while (place < length() && !isVowel(place)) {
      place++;
    }
    return place < length() ? place : Integer.MAX_VALUE;
  }

  /** How many runs of vowel letters begin before a place. */
  int groupsBefore(int place) {
    return groups[place];
  }

  /** How many runs of vowel letters there are from a place on, the one that it cuts included. */
  int groupsFrom(int place) {
    boolean cut = place > 0 && place < length() && isVowel(place) && isVowel(place - 1);
    return groups[length()] - groups[place] + (cut ? 1 : 0);
  }

  private boolean isVowel(int place) {
    return (at(place) & VOWELS) != 0;
  }
}
