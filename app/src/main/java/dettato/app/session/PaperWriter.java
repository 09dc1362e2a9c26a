package dettato.app.session;

import dettato.app.marking.AnswerState;
import dettato.app.marking.AttemptWriter;
import dettato.app.marking.Cell;
import dettato.app.marking.Entry;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The one way onto a paper, for pages, pasted blocks and devices: a child who writes is there. */
@Component
@RequiredArgsConstructor
class PaperWriter {
  private final PaperRows papers;
  private final AttemptWriter writer;

  /**
   * Whose paper it is.
   *
   * @param state what is known of it; null for nothing
   */
  record WhosePaper(long sessionId, long classId, PaperRow.@Nullable State state) {}

  /**
   * Keeps an answer, explained for whoever typed it.
   *
   * @param version of what was seen there, 0 for nothing; null when it does not matter
   */
  Cell write(WhosePaper on, Entry entry, @Nullable Long version) {
    Cell cell = writer.save(entry, on.classId, version);
    here(on, entry);
    return cell;
  }

  /** The same for whoever does not look at it now. */
  Cell writeUnseen(WhosePaper on, Entry entry, @Nullable Long version) {
    Cell cell = writer.saveUnseen(entry, on.classId, version);
    here(on, entry);
    return cell;
  }

  private void here(WhosePaper on, Entry entry) {
    if (on.state == PaperRow.State.AWAY && entry.kept() != AnswerState.EMPTY) {
      papers.here(on.sessionId, entry.pupilId());
    }
  }
}
