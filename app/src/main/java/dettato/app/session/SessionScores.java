package dettato.app.session;

import dettato.app.account.Teacher;
import dettato.app.marking.AttemptReader;
import dettato.app.terms.Prose;
import dettato.focus.Focus;
import dettato.profile.Score;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.jdbc.core.namedparam.MapSqlParameterSource;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Counts what stands on the papers of a session, as the class counts it. */
@Service
class SessionScores {
  private static final int ASKED = 2;
  private static final int FAILED = 3;

  private final SessionAccess access;
  private final AttemptReader attempts;
  private final FocusText focuses;
  private final NamedParameterJdbcTemplate jdbc;

  SessionScores(
      SessionAccess access,
      AttemptReader attempts,
      FocusText focuses,
      NamedParameterJdbcTemplate jdbc) {
    this.access = access;
    this.attempts = attempts;
    this.focuses = focuses;
    this.jdbc = jdbc;
  }

  /**
   * A child's paper in numbers.
   *
   * @param says the same in a line
   */
  record PaperScore(long pupilId, Score score, @Prose String says) {}

  private record Targets(int asked, int failed) {}

  /** A score for every paper on which something is entered. */
  @Transactional(readOnly = true)
  List<PaperScore> of(long id, Teacher teacher) {
    SessionAccess.Open open = access.find(id, teacher);
    Map<Long, Score> scores = new TreeMap<>();
    attempts.words(
        id, w -> scores.merge(w.pupil(), with(Score.NONE, w), (known, n) -> with(known, w)));
    targets(id, rules(open.row()))
        .forEach(
            (pupil, t) ->
                scores.computeIfPresent(pupil, (p, s) -> s.about(t.asked, t.asked - t.failed)));
    return scores.entrySet().stream()
        .map(
            e ->
                new PaperScore(
                    e.getKey(), e.getValue(), e.getValue().says(open.of().choices().right())))
        .toList();
  }

  private static Score with(Score score, AttemptReader.WrittenWord word) {
    Score more =
        score.with(
            word.target(),
            word.written(),
            word.right(),
            word.readsRight(),
            word.sounds(),
            word.represented(),
            word.elements());
    return word.marks().isPresent()
        ? more.withMarks(word.marks().get(), word.marks().get() && word.right())
        : more;
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
