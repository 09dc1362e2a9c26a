package dettato.app.marking;

import dettato.app.account.Teacher;
import dettato.app.problem.Problem;
import dettato.app.school.Classes;
import dettato.mark.Result;
import java.time.Clock;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The teacher's own judgement of an attempt. It holds for the text she judged, wins over the mark,
 * and stays in the log when it is withdrawn.
 */
@Service
class Overrides {
  private final AttemptRows attempts;
  private final OverrideRows overrides;
  private final MarkStore marks;
  private final ChildLock lock;
  private final Classes classes;
  private final Clock clock;

  Overrides(
      AttemptRows attempts,
      OverrideRows overrides,
      MarkStore marks,
      ChildLock lock,
      Classes classes,
      Clock clock) {
    this.attempts = attempts;
    this.overrides = overrides;
    this.marks = marks;
    this.lock = lock;
    this.classes = classes;
    this.clock = clock;
  }

  /** An attempt with its explanation. */
  @Transactional(readOnly = true)
  public Cell find(long attemptId, Teacher teacher) {
    return marks.explain(attempt(attemptId, teacher));
  }

  @Transactional
  public Cell judge(long attemptId, Result result, String note, Teacher teacher) {
    lock.hold(List.of(attempt(attemptId, teacher).pupilId()));
    AttemptRow row = attempt(attemptId, teacher);
    overrides.save(new OverrideRow(row, teacher.id(), clock.instant(), result, note));
    return marks.keep(row);
  }

  /** What the core makes of it counts again. */
  @Transactional
  public Cell withdraw(long attemptId, Teacher teacher) {
    lock.hold(List.of(attempt(attemptId, teacher).pupilId()));
    AttemptRow row = attempt(attemptId, teacher);
    overrides
        .findFirstByAttemptIdOrderByIdDesc(attemptId)
        .ifPresent(o -> o.withdraw(clock.instant()));
    return marks.keep(row);
  }

  private AttemptRow attempt(long id, Teacher teacher) {
    AttemptRow row = attempts.findById(id).orElseThrow(() -> unknown(id));
    classes.find(row.classId(), teacher);
    return row;
  }

  private static Problem unknown(long id) {
    return Problem.notFound("There is no attempt " + id + ".");
  }
}
