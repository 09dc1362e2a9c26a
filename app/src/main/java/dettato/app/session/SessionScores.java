package dettato.app.session;

import dettato.app.account.Teacher;
import dettato.app.outcome.SessionOutcomes;
import dettato.app.terms.Prose;
import dettato.focus.Focus;
import dettato.profile.Score;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Counts what stands on the papers of a session, as the class counts it. */
@Service
@RequiredArgsConstructor
class SessionScores {
  private final SessionAccess access;
  private final SessionOutcomes outcomes;
  private final FocusText focuses;

  /**
   * A child's paper in numbers.
   *
   * @param says the same in a line
   */
  record PaperScore(long pupilId, Score score, @Prose String says) {}

  /** A score for every paper on which something is entered. */
  @Transactional(readOnly = true)
  List<PaperScore> of(long id, Teacher teacher) {
    SessionAccess.Open open = access.find(id, teacher);
    Map<Long, Score> scores = new TreeMap<>();
    outcomes
        .words(id)
        .forEach(w -> scores.merge(w.pupil(), with(Score.NONE, w), (known, n) -> with(known, w)));
    outcomes
        .targets(id, rules(open.row()))
        .forEach(
            (pupil, t) ->
                scores.computeIfPresent(
                    pupil,
                    (p, s) ->
                        s.about(
                            Math.toIntExact(t.asked()), Math.toIntExact(t.asked() - t.failed()))));
    return scores.entrySet().stream()
        .map(
            e ->
                new PaperScore(
                    e.getKey(), e.getValue(), e.getValue().says(open.of().choices().right())))
        .toList();
  }

  private static Score with(Score score, SessionOutcomes.WrittenWord word) {
    Score more =
        score.with(
            word.target(),
            word.written(),
            word.right(),
            word.readsRight(),
            word.sounds(),
            word.represented(),
            word.elements());
    Boolean signs = word.signsRight();
    return signs == null ? more : more.withMarks(signs, signs && word.right());
  }

  private List<String> rules(SessionRow row) {
    return focuses.read(row.focus()).stream()
        .filter(Focus.Rule.class::isInstance)
        .map(f -> ((Focus.Rule) f).id())
        .toList();
  }
}
