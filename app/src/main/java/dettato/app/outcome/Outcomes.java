package dettato.app.outcome;

import dettato.activity.Judged;
import dettato.mark.Mark;
import dettato.mark.SentenceMarker.WordMark;
import dettato.mark.Verdict;
import dettato.rule.Outcome;
import jakarta.persistence.EntityManager;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;

/** Writes outcomes row by row, as they count: after the teacher's own word. */
@Component
@RequiredArgsConstructor
public class Outcomes {
  /** So many rows are in hand at once. */
  private static final int AT_ONCE = 5_000;

  private final EntityManager entities;

  /** Takes away what was made of these attempts. */
  public void clear(Collection<Long> attempts) {
    entities
        .createQuery("delete from MarkRow m where m.attemptId in :attempts")
        .setParameter("attempts", attempts)
        .executeUpdate();
  }

  /** Stores what was made of attempts that have nothing stored. */
  public void store(List<Judgement> all, String version) {
    write(all.stream().map(one -> (Object) new MarkRow(one, version)).toList());
    List<Object> rows = new ArrayList<>();
    for (Judgement one : all) {
      add(one, rows);
      if (rows.size() > AT_ONCE) {
        write(rows);
        rows.clear();
      }
    }
    write(rows);
  }

  /** Derived rows are written and forgotten: nothing looks at them again in this transaction. */
  private void write(List<Object> rows) {
    rows.forEach(entities::persist);
    entities.flush();
    rows.forEach(entities::detach);
  }

  private static void add(Judgement one, List<Object> rows) {
    int at = 0;
    for (WordMark word : one.judged().words()) {
      List<Mark> inIt = Judged.marks(word);
      if (inIt.isEmpty() && one.judged().isSpelling()) {
        rows.add(new WordRow(one, at++, word));
      }
      for (Mark mark : inIt) {
        rows.add(new WordRow(one, at, word.kind(), mark));
        addUnits(one, at, mark, rows);
        addRules(one, at, mark, rows);
        at++;
      }
    }
    one.judged()
        .conventions()
        .forEach(
            c ->
                one.counted(c.outcome())
                    .ifPresent(outcome -> rows.add(new ConventionRow(one, c, outcome))));
  }

  private static void addUnits(Judgement one, int at, Mark mark, List<Object> rows) {
    for (int i = 0; i < mark.units().size(); i++) {
      if (mark.units().get(i).verdict() != Verdict.EXACT) {
        rows.add(new UnitRow(one, at, mark, i));
      }
    }
  }

  private static void addRules(Judgement one, int at, Mark mark, List<Object> rows) {
    for (int i = 0; i < mark.rules().size(); i++) {
      Optional<Outcome> outcome = one.counted(mark.rules().get(i).outcome());
      if (outcome.isPresent()) {
        rows.add(new RuleRow(one, at, i, mark, mark.rules().get(i), outcome.get()));
      }
    }
  }

  /** Says on which day the answers to these items were written, when a session moves. */
  public void movedTo(LocalDate day, Collection<Long> items) {
    for (String row : List.of("WordRow", "UnitRow", "RuleRow", "ConventionRow")) {
      entities
          .createQuery(
              "update "
                  + row
                  + " r set r.onDay = :day where r.at.attemptId in"
                  + " (select a.id from AttemptRow a where a.itemId in :items)")
          .setParameter("day", Math.toIntExact(day.toEpochDay()))
          .setParameter("items", items)
          .executeUpdate();
    }
  }
}
