package dettato.block;

import dettato.input.Unacceptable;
import java.util.Locale;

/** A word as a teacher types it. */
final class WordText {
  private static final int LONGEST = 40;

  private WordText() {}

  /** The word as it is kept. */
  static String own(String text) {
    String word = text.strip().toLowerCase(Locale.ROOT);
    if (word.length() > LONGEST || !word.matches("[a-z][a-z'-]*")) {
      throw new Unacceptable(
          "'" + text.strip() + "' is no word of at most " + LONGEST + " letters a to z.");
    }
    return word;
  }
}
