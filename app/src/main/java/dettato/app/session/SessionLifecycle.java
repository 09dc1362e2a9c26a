package dettato.app.session;

import dettato.app.account.Teacher;
import dettato.app.marking.AttemptReader;
import dettato.app.marking.AttemptWriter;
import dettato.app.problem.Problem;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Moves sessions on: given, answered, taken away and put back. */
@Service
@RequiredArgsConstructor
public class SessionLifecycle {
  private final SessionAccess access;
  private final PlannedBlocks planned;
  private final SheetView sheet;
  private final SheetClocks clocks;
  private final AttemptWriter attempts;
  private final AttemptReader papers;
  private final Clock clock;

  /**
   * Moves a session on; one given before its planned day was given today.
   *
   * @param took seconds that blocks took, by their ids
   */
  @Transactional
  public SheetView.SessionView become(
      long id, long version, SessionState state, Map<Long, Integer> took, Teacher teacher) {
    SessionAccess.Open open = access.change(id, version, teacher);
    SessionRow row = open.row();
    row.become(state);
    LocalDate today = LocalDate.now(clock);
    if (state != SessionState.PLANNED && row.givenOn().isAfter(today)) {
      row.giveOn(today);
      List<Long> items =
          planned.of(id).stream().flatMap(p -> p.items().stream()).map(ItemRow::id).toList();
      attempts.writtenOn(items, today);
    }
    for (PlannedBlocks.Planned one : planned.of(id)) {
      Integer seconds = took.get(one.block().id());
      if (seconds != null) {
        clocks.log(one, seconds, open.of());
      }
    }
    access.write();
    return sheet.of(row, planned.of(id), open.of());
  }

  /**
   * Takes a session away; it can be put back.
   *
   * @throws Problem 409 when papers of it are kept
   */
  @Transactional
  void remove(long id, long version, Teacher teacher) {
    SessionAccess.Open open = access.change(id, version, teacher);
    int written = papers.papers(id);
    if (written > 0) {
      throw Problem.conflict(
          "%d papers of this session are kept, so it stays. Empty them first to take it away."
              .formatted(written));
    }
    open.row().remove(clock.instant());
  }

  /** Puts a session back where it was. */
  @Transactional
  SheetView.SessionView restore(long id, Teacher teacher) {
    SessionAccess.Open open = access.evenRemoved(id, teacher);
    access.hold(open.row());
    open.row().restore();
    access.write();
    return sheet.of(open.row(), planned.of(id), open.of());
  }
}
