package dettato.reading;

/**
 * What a tree asks about the surroundings of some letters. Its text is what {@code trees.tsv}
 * holds:
 *
 * <ul>
 *   <li>{@code -2lr}: is the second letter before one of these? {@code +1} is the first after; a
 *       set may name V vowel letters and y, C the others, and _ the edge of the word
 *   <li>{@code <2}: do at least two runs of vowel letters begin before? {@code >2}: and after?
 *   <li>{@code =1}: is the first letter after the same as the second?
 * </ul>
 *
 * @param about what is asked
 * @param number how far away, from -5 to 5 without 0; or how many
 * @param mask the letters asked for, as bits; 0 where none are
 */
record Question(About about, int number, int mask) {
  enum About {
    LETTER,
    BEFORE,
    AFTER,
    DOUBLE
  }

  /**
   * @throws IllegalArgumentException when it is not of the form above
   */
  static Question parse(String text) {
    char sign = text.charAt(0);
    int number = text.charAt(1) - '0';
    if (number < 1 || number > 5 || "-+<>=".indexOf(sign) < 0) {
      throw new IllegalArgumentException("'" + text + "' is no question about letters");
    }
    return switch (sign) {
      case '<' -> new Question(About.BEFORE, number, 0);
      case '>' -> new Question(About.AFTER, number, 0);
      case '=' -> new Question(About.DOUBLE, number, 0);
      default -> new Question(About.LETTER, sign == '-' ? -number : number, set(text.substring(2)));
    };
  }

  private static int set(String letters) {
    int mask = 0;
    for (int i = 0; i < letters.length(); i++) {
      char c = letters.charAt(i);
      mask |=
          switch (c) {
            case 'V' -> LetterMasks.VOWELS;
            case 'C' -> LetterMasks.ANY & ~LetterMasks.VOWELS;
            case '_' -> LetterMasks.EDGE;
            default -> LetterMasks.of(c);
          };
    }
    return mask;
  }

  /**
   * Whether it is so around some letters.
   *
   * @param from the first of them
   * @param to the place after the last
   */
  boolean holds(LetterMasks word, int from, int to) {
    return switch (about) {
      case LETTER -> (word.near(number < 0 ? from + number : to + number - 1) & mask) != 0;
      case BEFORE -> word.groupsBefore(from) >= number;
      case AFTER -> word.groupsFrom(to) >= number;
      case DOUBLE -> {
        int letter = word.at(to + number - 1);
        yield letter == word.at(to + number) && (letter & LetterMasks.ANY) != 0;
      }
    };
  }
}
