package dettato.app.session;

import dettato.app.account.Teacher;
import dettato.app.terms.Prose;
import dettato.focus.Focus;
import dettato.profile.Score;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.namedparam.MapSqlParameterSource;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Counts what stands on the papers of a session, as the class counts it. Grouped in SQL. */
@Service
class SessionScores {
  private static final int ASKED = 2;
  private static final int FAILED = 3;

  private final SessionAccess access;
  private final FocusText focuses;
  private final NamedParameterJdbcTemplate jdbc;

  SessionScores(SessionAccess access, FocusText focuses, NamedParameterJdbcTemplate jdbc) {
    this.access = access;
    this.focuses = focuses;
    this.jdbc = jdbc;
  }

  /**
   * A child's paper in numbers.
   *
   * @param says the same in a line
   */
  record PaperScore(long pupilId, Score score, @Prose String says) {}

  private record Targets(int asked, int failed) {
    static final Targets NONE = new Targets(0, 0);
  }

  /** A score for every paper on which something is entered. */
  @Transactional(readOnly = true)
  List<PaperScore> of(long id, Teacher teacher) {
    SessionAccess.Open open = access.find(id, teacher);
    Map<Long, Targets> targets = targets(id, rules(open.row()));
    return jdbc.query(
        "select w.pupil_id, count(*), sum(case when w.need is null then 1 else 0 end),"
            + " sum(case when w.need is not null and w.result = 'READS_RIGHT' then 1 else 0 end),"
            + " sum(w.sounds), sum(w.represented) from block b"
            + " join item i on i.block_id = b.id join attempt a on a.item_id = i.id"
            + " join mark_word w on w.attempt_id = a.id"
            + " where b.session_id = :session and a.state <> 'EMPTY' and w.sounds > 0"
            + " group by w.pupil_id order by w.pupil_id",
        new MapSqlParameterSource("session", id),
        (row, n) -> {
          Targets about = targets.getOrDefault(row.getLong(1), Targets.NONE);
          int at = 2;
          Score score =
              new Score(
                  row.getInt(at++),
                  row.getInt(at++),
                  row.getInt(at++),
                  row.getInt(at++),
                  row.getInt(at),
                  about.asked,
                  about.asked - about.failed);
          return new PaperScore(row.getLong(1), score, score.says(open.of().choices().right()));
        });
  }

  private List<String> rules(SessionRow row) {
    return focuses.read(row.focus()).stream()
        .filter(Focus.Rule.class::isInstance)
        .map(f -> ((Focus.Rule) f).id())
        .toList();
  }

  /** How many words of each child ask something of these rules, and fail in it. */
  private Map<Long, Targets> targets(long id, List<String> rules) {
    Map<Long, Targets> targets = new HashMap<>();
    if (!rules.isEmpty()) {
      jdbc.query(
          "select r.pupil_id, count(distinct r.attempt_id), count(distinct case when r.outcome in"
              + " ('UNDER', 'OVER') then r.attempt_id end) from block b"
              + " join item i on i.block_id = b.id join attempt a on a.item_id = i.id"
              + " join mark_rule r on r.attempt_id = a.id"
              + " where b.session_id = :session and r.rule in (:rules)"
              + " and r.outcome in ('UNDER', 'OVER', 'APPLIED') group by r.pupil_id",
          new MapSqlParameterSource("session", id).addValue("rules", rules),
          row -> {
            targets.put(row.getLong(1), new Targets(row.getInt(ASKED), row.getInt(FAILED)));
          });
    }
    return targets;
  }
}
