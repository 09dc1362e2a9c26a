package dettato.app.marking;

import dettato.prompt.Prompt;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * An answer to keep.
 *
 * @param itemId null for one from elsewhere, such as a file
 * @param kind id of the kind of block it answers
 * @param corrected what the child wrote on checking; null leaves what is there
 */
public record Entry(
    long pupilId,
    @Nullable Long itemId,
    String kind,
    LocalDate date,
    Prompt prompt,
    String written,
    AnswerState state,
    @Nullable String corrected) {

  /** A cell that says WRITTEN and holds nothing has been emptied. */
  AnswerState kept() {
    return state == AnswerState.WRITTEN && itemId != null && written.isBlank()
        ? AnswerState.EMPTY
        : state;
  }
}
