package dettato.app.session;

import dettato.activity.Activities;
import dettato.activity.Alone;
import dettato.app.account.Teacher;
import dettato.app.marking.AnswerState;
import dettato.app.marking.AttemptReader;
import dettato.app.marking.Cell;
import dettato.app.marking.Entry;
import dettato.app.problem.Problem;
import dettato.app.school.Classes;
import dettato.app.school.Pupil;
import dettato.app.school.SchoolClass;
import dettato.app.text.Materials;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * A child's own paper, for whoever hands a session out: what is asked with no help in it, and what
 * the child writes. Who may ask is looked at by the caller.
 */
@Service
@RequiredArgsConstructor
public class ChildPapers {
  private final SessionRows sessions;
  private final SessionAccess access;
  private final PlannedBlocks planned;
  private final ItemRows items;
  private final AttemptReader attempts;
  private final PaperWriter writer;
  private final Classes classes;
  private final Materials materials;
  private final Activities book;

  /** Something to write, as a child sees it. */
  public record AskedOfChild(
      long id, String reading, String before, String after, List<String> options, boolean isLong) {
    static AskedOfChild of(long id, Alone asked) {
      return new AskedOfChild(
          id, asked.reading(), asked.before(), asked.after(), asked.options(), asked.isLong());
    }
  }

  /** Who a session is for, and what is asked. */
  public record Handed(SchoolClass of, List<Pupil> children, List<AskedOfChild> items) {}

  /**
   * @throws Problem 404 when it is not this teacher's session
   */
  @Transactional(readOnly = true)
  public void mustBeTheirs(long session, Teacher teacher) {
    access.find(session, teacher);
  }

  /** A session that is there. */
  @Transactional(readOnly = true)
  public Handed of(long session) {
    SessionRow row = row(session);
    SchoolClass of = classes.any(row.classId());
    Set<Long> group = row.pupils();
    return new Handed(
        of,
        of.pupils().stream().filter(p -> group.isEmpty() || group.contains(p.id())).toList(),
        asked(planned.of(session), of));
  }

  /** The items that a child has written something for. */
  @Transactional(readOnly = true)
  public Set<Long> answered(long session, long pupil) {
    return attempts.answered(session, pupil);
  }

  /** Keeps what a child wrote; it is on disk when this returns. */
  @Transactional
  public Cell write(long session, long pupil, long item, String written) {
    ItemRows.ItemOfSession asked =
        items
            .asked(session, item, pupil)
            .filter(a -> !book.of(a.kind()).traits().isSpoken())
            .orElseThrow(() -> notThere(session));
    return writer.writeUnseen(
        new PaperWriter.WhosePaper(session, asked.classId(), asked.paper()),
        new Entry(
            pupil,
            item,
            asked.kind(),
            asked.givenOn(),
            asked.prompt(),
            written,
            written.isBlank() ? AnswerState.BLANK : AnswerState.WRITTEN,
            null),
        null);
  }

  private Problem notThere(long session) {
    row(session);
    return Problem.notFound("There is no such thing to write here.");
  }

  private SessionRow row(long session) {
    return sessions
        .findById(session)
        .filter(r -> !r.isRemoved())
        .orElseThrow(() -> Problem.notFound("This session is not there any more."));
  }

  private List<AskedOfChild> asked(List<PlannedBlocks.Planned> blocks, SchoolClass of) {
    List<AskedOfChild> all = new ArrayList<>();
    for (PlannedBlocks.Planned block : blocks) {
      List<Alone> alone = book.of(block.block().kind()).alone(block.prompts(), materials.of(of));
      for (int i = 0; i < alone.size(); i++) {
        all.add(AskedOfChild.of(block.items().get(i).id(), alone.get(i)));
      }
    }
    return all;
  }
}
