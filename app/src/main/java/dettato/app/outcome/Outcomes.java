package dettato.app.outcome;

import dettato.activity.Judged;
import dettato.mark.Mark;
import dettato.mark.SentenceMarker.Convention;
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
import org.hibernate.Session;
import org.hibernate.StatelessSession;
import org.springframework.stereotype.Component;

/** Writes outcomes row by row, as they count: after the teacher's own word. */
@Component
@RequiredArgsConstructor
public class Outcomes {
  private static final int AT_ONCE = 500;

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
    List<Object> words = new ArrayList<>();
    List<Object> units = new ArrayList<>();
    List<Object> rules = new ArrayList<>();
    List<Object> conventions = new ArrayList<>();
    for (Judgement one : all) {
      addWords(one, words, units, rules);
      addConventions(one, conventions);
    }
    write(
        List.of(
            all.stream().map(one -> (Object) new MarkRow(one, version)).toList(),
            words,
            units,
            rules,
            conventions));
  }

  /**
   * Derived rows are written and forgotten, table by table: nothing looks at them again, so no
   * session keeps them. It is the connection of the transaction that is going on.
   */
  private void write(List<List<Object>> tables) {
    entities.flush();
    Session session = entities.unwrap(Session.class);
    session.doWork(
        connection -> {
          try (StatelessSession rows =
              session.getSessionFactory().openStatelessSession(connection)) {
            tables.forEach(table -> insert(table, rows));
          }
        });
  }

  /**
   * A batch goes out when it is as large as it was said to be, so each is said to be what it is.
   */
  private static void insert(List<Object> table, StatelessSession rows) {
    for (int from = 0; from < table.size(); from += AT_ONCE) {
      List<Object> some = table.subList(from, Math.min(table.size(), from + AT_ONCE));
      rows.setJdbcBatchSize(some.size());
      some.forEach(rows::insert);
    }
  }

  private static void addWords(
      Judgement one, List<Object> words, List<Object> units, List<Object> rules) {
    int at = 0;
    for (WordMark word : one.judged().words()) {
      List<Mark> inIt = Judged.marks(word);
      if (inIt.isEmpty() && one.judged().isSpelling()) {
        words.add(new WordRow(one, at++, word));
      }
      for (Mark mark : inIt) {
        words.add(new WordRow(one, at, word.kind(), mark));
        addUnits(one, at, mark, units);
        addRules(one, at, mark, rules);
        at++;
      }
    }
  }

  private static void addConventions(Judgement one, List<Object> rows) {
    for (Convention convention : one.judged().conventions()) {
      one.counted(convention.outcome())
          .ifPresent(outcome -> rows.add(new ConventionRow(one, convention, outcome)));
    }
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
