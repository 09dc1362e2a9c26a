package dettato.activity;

import dettato.input.Unacceptable;
import dettato.prompt.Bracketed;
import dettato.prompt.Prompt;
import java.util.Locale;

/** What a teacher types for an item of her own. */
public final class OwnLine {
  private static final int LONGEST_WORD = 40;
  private static final int LONGEST = 300;

  private OwnLine() {}

  /**
   * A word.
   *
   * @throws Unacceptable when it is none
   */
  public static String word(String typed) {
    String word = typed.strip().toLowerCase(Locale.ROOT);
    if (word.length() > LONGEST_WORD || !word.matches("[a-z][a-z'-]*")) {
      throw new Unacceptable(
          "'" + typed.strip() + "' is no word of at most " + LONGEST_WORD + " letters a to z.");
    }
    return word;
  }

  /**
   * An item with its answer.
   *
   * @param example of such an item
   * @throws Unacceptable when it has no answer
   */
  public static Prompt.Choice answered(String typed, String example) {
    return Bracketed.read(typed)
        .filter(c -> c.text().length() <= LONGEST)
        .orElseThrow(
            () ->
                new Unacceptable(
                    "Write what is asked, then its answer in brackets, %d letters at most: %s."
                        .formatted(LONGEST, example)));
  }

  /** Whether a line is short enough to be kept. */
  public static boolean fits(Prompt prompt) {
    return prompt.text().length() <= LONGEST;
  }
}
