package dettato.app.outcome;

import dettato.diagnose.Need;
import dettato.mark.Result;
import dettato.session.Outlook;
import jakarta.persistence.EntityManager;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What stands on the papers of one session, counted as the class counts it. */
@Component
@RequiredArgsConstructor
public class SessionOutcomes {
  /** The attempts of a session, whatever was made of them. */
  public static final String ATTEMPTS =
      " from BlockRow b join ItemRow i on i.blockId = b.id join AttemptRow a on a.itemId = i.id";

  /** The teacher's own judgement of an attempt, where one stands. */
  public static final String NEWEST_OVERRIDE =
      " left join OverrideRow o on o.attemptId = a.id and o.withdrawnAt is null"
          + " and o.judged = a.written"
          + " and o.id = (select max(n.id) from OverrideRow n where n.attemptId = a.id)";

  private static final String OF_THIS = " where b.sessionId = :session";

  private final EntityManager entities;

  /**
   * A word on a paper, as it counts.
   *
   * @param signsRight whether the marks drawn on it are right; null where none were asked for
   */
  public record WrittenWord(
      Long pupil,
      String target,
      String written,
      @Nullable Result derived,
      Integer sounds,
      Integer represented,
      Integer elements,
      @Nullable Result own,
      @Nullable Boolean signsRight) {
    private @Nullable Result result() {
      return own == null ? derived : own;
    }

    public boolean right() {
      return result() == Result.RIGHT;
    }

    public boolean readsRight() {
      return result() == Result.READS_RIGHT;
    }

    /** Not when its teacher leaves it out. */
    private boolean counts() {
      return result() != Result.ABSENT && own != Result.BLANK;
    }
  }

  /** Every word of a session's papers, in the order of the sheet. */
  @Transactional(readOnly = true)
  public List<WrittenWord> words(long session) {
    return entities
        .createQuery(
            "select w.pupilId, w.target, w.attempt, w.result, w.sounds, w.represented, w.elements,"
                + " o.result, m.signsRight"
                + ATTEMPTS
                + " join MarkRow m on m.attemptId = a.id join WordRow w on w.at.attemptId = a.id"
                + NEWEST_OVERRIDE
                + OF_THIS
                + " and a.state <> EMPTY and w.sounds > 0"
                + " order by b.place, i.place, w.at.attemptId, w.at.word",
            WrittenWord.class)
        .setParameter("session", session)
        .getResultStream()
        .filter(WrittenWord::counts)
        .toList();
  }

  private record Ground(Long pupil, String rule, String condition, Long failed, Long tested) {}

  /**
   * How each child did on each ground that the papers test.
   *
   * @param names of the children by their ids
   */
  @Transactional(readOnly = true)
  public List<Outlook.OnGround> grounds(long session, Map<Long, String> names) {
    return entities
        .createQuery(
            "select r.pupilId, r.rule, r.condition,"
                + " sum(case when r.kept = true then 0 else 1 end), count(*)"
                + ATTEMPTS
                + " join RuleRow r on r.at.attemptId = a.id"
                + OF_THIS
                + " and r.outcome <> UNTESTED and r.condition is not null"
                + " group by r.pupilId, r.rule, r.condition order by r.condition, r.pupilId",
            Ground.class)
        .setParameter("session", session)
        .getResultStream()
        .map(
            g ->
                new Outlook.OnGround(
                    names.getOrDefault(g.pupil, ""),
                    g.pupil,
                    g.rule,
                    g.condition,
                    Math.toIntExact(g.failed),
                    Math.toIntExact(g.tested)))
        .toList();
  }

  private record Counted(Long pupil, Long words) {}

  /** In how many words each child lost or changed a sound. */
  @Transactional(readOnly = true)
  public List<Outlook.SoundsOff> soundsOff(long session, Map<Long, String> names) {
    return entities
        .createQuery(
            "select w.pupilId, count(*)"
                + ATTEMPTS
                + " join WordRow w on w.at.attemptId = a.id"
                + OF_THIS
                + " and w.need = :hearing group by w.pupilId",
            Counted.class)
        .setParameter("session", session)
        .setParameter("hearing", Need.HEARING)
        .getResultStream()
        .map(c -> new Outlook.SoundsOff(names.getOrDefault(c.pupil, ""), Math.toIntExact(c.words)))
        .toList();
  }

  /** In how many answers of a child these rules decide, and in how many they fail. */
  public record Targets(Long pupil, Long asked, Long failed) {}

  /** The same for each child who has such an answer. */
  @Transactional(readOnly = true)
  public Map<Long, Targets> targets(long session, Collection<String> rules) {
    return rules.isEmpty()
        ? Map.of()
        : entities
            .createQuery(
                "select r.pupilId, count(distinct a.id),"
                    + " count(distinct case when r.kept = false then a.id end)"
                    + ATTEMPTS
                    + " join RuleRow r on r.at.attemptId = a.id"
                    + OF_THIS
                    + " and r.rule in :rules and r.outcome <> UNTESTED group by r.pupilId",
                Targets.class)
            .setParameter("session", session)
            .setParameter("rules", rules)
            .getResultStream()
            .collect(Collectors.toMap(Targets::pupil, Function.identity()));
  }
}
