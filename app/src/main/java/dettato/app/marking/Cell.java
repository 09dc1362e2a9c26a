package dettato.app.marking;

import dettato.mark.Result;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * An answer with its mark, as screens show it.
 *
 * @param attemptId 0 while nothing was ever entered
 * @param version of what was entered, 0 while nothing was; a write that names another is refused
 * @param corrected what the child wrote on checking
 * @param result what it counts as: the teacher's own word where she has given one
 * @param mark of a word
 * @param sentence of several
 * @param override the teacher's own result, when there is one
 */
public record Cell(
    long attemptId,
    long pupilId,
    long itemId,
    String written,
    AnswerState state,
    long version,
    @Nullable String corrected,
    @Nullable Result result,
    @Nullable MarkView mark,
    @Nullable SentenceView sentence,
    @Nullable Result override) {

  static Cell of(AttemptRow row, Optional<Result> derived, Shown shown, Optional<Result> own) {
    Long item = row.itemId();
    return new Cell(
        row.id(),
        row.pupilId(),
        item == null ? 0 : item,
        row.written(),
        row.state(),
        row.version() + 1,
        row.corrected(),
        own.or(() -> derived).orElse(null),
        shown.mark(),
        shown.sentence(),
        own.orElse(null));
  }

  public static Cell empty(long pupilId, long itemId) {
    return new Cell(0, pupilId, itemId, "", AnswerState.EMPTY, 0, null, null, null, null, null);
  }
}
