package dettato.app.outcome;

import dettato.rule.Outcome;
import jakarta.persistence.EntityManager;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The outcomes of rules and conventions, attempt by attempt, for exports. */
@Component
@RequiredArgsConstructor
public class RuleOutcomes {
  /** Of an attempt in which no rule decides. */
  public static final Told NONE = new Told("", "");

  private static final String OF_CLASS =
      " join AttemptRow a on a.id = r.at.attemptId"
          + " where a.classId = :of and a.writtenOn between :from and :to";

  private final EntityManager entities;

  /**
   * The outcomes of an attempt.
   *
   * @param rules each, such as final-ch=OVER
   * @param conditions the same by ground: final-ch/consonant=OVER
   */
  public record Told(String rules, String conditions) {
    private Told with(One one) {
      String ground = one.condition == null ? one.rule : one.condition;
      return new Told(
          joined(rules, one.rule, one.outcome), joined(conditions, ground, one.outcome));
    }

    /** A convention has no grounds. */
    private Told withRule(One one) {
      return new Told(joined(rules, one.rule, one.outcome), conditions);
    }

    private static String joined(String all, String what, Outcome outcome) {
      return all + (all.isEmpty() ? "" : " ") + what + "=" + outcome;
    }
  }

  private record One(Long attempt, String rule, @Nullable String condition, Outcome outcome) {}

  /** By the ids of the attempts of a class between two days; those without any are not there. */
  @Transactional(readOnly = true)
  public Map<Long, Told> of(long classId, LocalDate from, LocalDate to) {
    Map<Long, Told> all = new HashMap<>();
    rows(
            "select r.at.attemptId, r.rule, r.condition, r.outcome from RuleRow r"
                + OF_CLASS
                + " order by r.at.attemptId, r.at.word, r.at.place",
            classId,
            from,
            to)
        .forEach(o -> all.put(o.attempt, all.getOrDefault(o.attempt, NONE).with(o)));
    rows(
            "select r.at.attemptId, r.at.rule, cast(null as String), r.at.outcome"
                + " from ConventionRow r"
                + OF_CLASS
                + " order by r.at.attemptId, r.at.rule",
            classId,
            from,
            to)
        .forEach(o -> all.put(o.attempt, all.getOrDefault(o.attempt, NONE).withRule(o)));
    return all;
  }

  private List<One> rows(String hql, long classId, LocalDate from, LocalDate to) {
    return entities
        .createQuery(hql, One.class)
        .setParameter("of", classId)
        .setParameter("from", from)
        .setParameter("to", to)
        .getResultList();
  }
}
