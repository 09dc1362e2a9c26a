package dettato.app.marking;

import dettato.app.outcome.RuleOutcomes;
import dettato.app.school.SchoolClass;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads attempts with what was made of them. */
@Service
@RequiredArgsConstructor
public class AttemptReader {
  private final AttemptRows attempts;
  private final MarkStore marks;
  private final RuleOutcomes rules;

  /**
   * One attempt with what was derived from it, for exports.
   *
   * @param corrected what the child wrote on checking, "" for nothing
   * @param rules each outcome, such as final-ch=OVER
   * @param conditions the same by ground: final-ch/consonant=OVER
   */
  public record Exported(
      String pupil,
      LocalDate date,
      String target,
      String written,
      String corrected,
      String result,
      String rules,
      String conditions) {}

  /** The cells of a session that hold something, or have held it. */
  @Transactional(readOnly = true)
  public List<Cell> cells(long sessionId, SchoolClass of) {
    return marks.onPapers(attempts.onPapers(sessionId), of);
  }

  /** The items of a session that a child has written something for. */
  @Transactional(readOnly = true)
  public Set<Long> answered(long sessionId, long pupilId) {
    return attempts.answered(sessionId, pupilId);
  }

  /** How many children have something on a paper of a session. */
  @Transactional(readOnly = true)
  public int papers(long sessionId) {
    return attempts.papers(sessionId);
  }

  /** Hands over every attempt of a class, oldest first, a year at a time kept in memory. */
  @Transactional(readOnly = true)
  public void export(long classId, Consumer<Exported> to) {
    AttemptRows.Days days = attempts.days(classId);
    if (days.first() == null || days.last() == null) {
      return;
    }
    for (int year = days.first().getYear(); year <= days.last().getYear(); year++) {
      LocalDate first = LocalDate.of(year, 1, 1);
      LocalDate last = first.plusYears(1).minusDays(1);
      Map<Long, RuleOutcomes.Told> told = rules.of(classId, first, last);
      attempts
          .listed(classId, first, last)
          .forEach(a -> to.accept(exported(a, told.getOrDefault(a.id(), RuleOutcomes.NONE))));
    }
  }

  private static Exported exported(AttemptRows.Listed a, RuleOutcomes.Told told) {
    return new Exported(
        a.pupil(),
        a.on(),
        a.target(),
        a.written(),
        a.corrected() == null ? "" : a.corrected(),
        a.own() != null ? a.own().name() : a.derived() != null ? a.derived().name() : "",
        told.rules(),
        told.conditions());
  }
}
