package dettato.choose;

import java.util.List;

/**
 * One thing to ask.
 *
 * @param text the word it is about
 * @param says what the teacher says or the children read
 * @param answer every answer that is right
 * @param options what the children choose from, in an order that tells nothing; empty when they
 *     answer freely
 * @param why it is asked and what decides, in one line for the teacher
 */
public record Task(
    String text, String says, List<String> answer, List<String> options, String why) {
  public Task {
    answer = List.copyOf(answer);
    options = List.copyOf(options);
  }

  /** A task that is answered freely. */
  public static Task open(String text, String says, List<String> answer, String why) {
    return new Task(text, says, answer, List.of(), why);
  }
}
