package dettato.app.marking;

import dettato.prompt.Prompt;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * An answer to keep, from wherever it comes: white space around it is nobody's, and what is left
 * blank holds nothing.
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
  public Entry {
    written = state == AnswerState.BLANK ? "" : written.strip();
    corrected = corrected == null ? null : corrected.strip();
  }

  /** A cell that says WRITTEN and holds nothing has been emptied. */
  public AnswerState kept() {
    return state == AnswerState.WRITTEN && itemId != null && written.isBlank()
        ? AnswerState.EMPTY
        : state;
  }
}
