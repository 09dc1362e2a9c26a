package dettato.activity;

import java.util.List;

/**
 * How an item is given.
 *
 * @param says what the teacher says before the children write
 * @param answer every spelling that is right; one where only the model is
 * @param pause seconds of quiet to write it
 */
public record Call(String says, List<String> answer, int pause) {
  public Call {
    answer = List.copyOf(answer);
  }
}
