package dettato.app.marking;

import dettato.app.account.Accounts;
import dettato.app.account.Teacher;
import dettato.app.problem.Problem;
import dettato.app.school.Classes;
import dettato.mark.Result;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The teacher's own judgement of an attempt. It holds for the text she judged, wins over the mark,
 * and stays in the log when it is withdrawn.
 */
@Service
@RequiredArgsConstructor
class Overrides {
  private final AttemptRows attempts;
  private final OverrideRows overrides;
  private final MarkStore marks;
  private final ChildLock lock;
  private final Classes classes;
  private final Accounts accounts;
  private final Clock clock;

  /** An attempt with its explanation. */
  @Transactional(readOnly = true)
  public Cell find(long attemptId, Teacher teacher) {
    return marks.explain(attempt(attemptId, teacher));
  }

  @Transactional
  public Cell judge(long attemptId, Result result, String note, Teacher teacher) {
    AttemptRow row = held(attemptId, teacher);
    overrides.save(new OverrideRow(row, teacher.id(), clock.instant(), result, note));
    return marks.keep(row);
  }

  /**
   * A judgement in the log.
   *
   * @param by whose it is
   * @param judged the text that stood there
   * @param withdrawnAt null while it was not
   * @param stands whether it counts now
   */
  record LoggedJudgement(
      Instant madeAt,
      String by,
      String judged,
      Result result,
      String note,
      @Nullable Instant withdrawnAt,
      boolean stands) {}

  /** Every judgement that an attempt was given, the newest first. */
  @Transactional(readOnly = true)
  public List<LoggedJudgement> log(long attemptId, Teacher teacher) {
    AttemptRow row = attempt(attemptId, teacher);
    Map<Long, String> names =
        accounts.all().stream().collect(Collectors.toMap(Teacher::id, Teacher::name));
    List<OverrideRow> all = overrides.findByAttemptIdOrderByIdDesc(attemptId);
    return all.stream()
        .map(
            o ->
                new LoggedJudgement(
                    o.madeAt(),
                    names.getOrDefault(o.accountId(), ""),
                    o.judged(),
                    o.result(),
                    o.note(),
                    o.withdrawnAt(),
                    o == all.get(0) && o.stands(row.written())))
        .toList();
  }

  /** What the core makes of it counts again. */
  @Transactional
  public Cell withdraw(long attemptId, Teacher teacher) {
    AttemptRow row = held(attemptId, teacher);
    overrides
        .findFirstByAttemptIdOrderByIdDesc(attemptId)
        .ifPresent(o -> o.withdraw(clock.instant()));
    return marks.keep(row);
  }

  /** An attempt as it stands, whose child nobody else writes about until this is over. */
  private AttemptRow held(long id, Teacher teacher) {
    lock.hold(List.of(attempts.pupilOf(id).orElseThrow(() -> unknown(id))));
    return attempt(id, teacher);
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
