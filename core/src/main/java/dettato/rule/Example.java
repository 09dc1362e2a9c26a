package dettato.rule;

/**
 * A rule's own example, fit to show a child: run as a test.
 *
 * @param word the word dictated
 * @param attempt what was written
 * @param outcome what the rule says of it
 */
public record Example(String word, String attempt, Outcome outcome) {
  static Example right(String word) {
    return new Example(word, word, Outcome.APPLIED);
  }

  static Example under(String word, String attempt) {
    return new Example(word, attempt, Outcome.UNDER);
  }

  static Example over(String word, String attempt) {
    return new Example(word, attempt, Outcome.OVER);
  }
}
