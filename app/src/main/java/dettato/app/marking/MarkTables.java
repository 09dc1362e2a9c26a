package dettato.app.marking;

import dettato.activity.Judged;
import dettato.diagnose.Need;
import dettato.diagnose.SoundPlace;
import dettato.diagnose.SoundRecord;
import dettato.mark.Mark;
import dettato.mark.Result;
import dettato.mark.RuleMark;
import dettato.mark.SentenceMarker.Convention;
import dettato.mark.SentenceMarker.WordMark;
import dettato.mark.UnitMark;
import dettato.mark.Verdict;
import dettato.rule.Outcome;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Writes outcomes row by row, as they count: after the teacher's own word. Plain JDBC in batches,
 * since they are derived, come by the ten thousand, and are only ever counted in SQL.
 */
@Component
class MarkTables {
  private static final String MARK =
      "insert into mark (attempt_id, version, result, shown) values (?, ?, ?, ?)";
  private static final String WORD =
      "insert into mark_word (attempt_id, word, pupil_id, on_day, target, attempt, kind, result, need,"
          + " sounds, represented, elements, counted) values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)";
  private static final String UNIT =
      "insert into mark_unit (attempt_id, word, unit, pupil_id, on_day, target, attempt, sound, due,"
          + " open_to, written, verdict, confusion, counted)"
          + " values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)";
  private static final String RULE =
      "insert into mark_rule (attempt_id, word, place, pupil_id, on_day, target, attempt, rule,"
          + " condition, unit, side, outcome, kept)"
          + " values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)";
  private static final String CONVENTION =
      "insert into mark_convention (attempt_id, rule, pupil_id, on_day, outcome, words)"
          + " values (?, ?, ?, ?, ?, ?)";
  private static final int LONGEST_LIST = 1000;

  private final JdbcTemplate jdbc;

  MarkTables(JdbcTemplate jdbc) {
    this.jdbc = jdbc;
  }

  /**
   * One judged attempt.
   *
   * @param own the teacher's own result, which decides what counts
   * @param shown the judgement in JSON
   */
  record ToStore(AttemptRow row, Judged judged, @Nullable Result own, String shown) {

    /** What a rule's outcome counts as; nothing when the teacher does not count the attempt. */
    Optional<Outcome> counted(Outcome derived) {
      if (own == null) {
        return Optional.of(derived);
      }
      return switch (own) {
        case RIGHT -> Optional.of(Outcome.APPLIED);
        case BLANK, ABSENT -> Optional.empty();
        case READS_RIGHT, READS_OTHERWISE, SOUND_ERROR -> Optional.of(derived);
      };
    }

    /** Whether its sounds and words say anything of the child. */
    boolean tells() {
      boolean set = own == Result.RIGHT || own == Result.BLANK || own == Result.ABSENT;
      return row.state() == AnswerState.WRITTEN && !set;
    }
  }

  /** Takes away what was made of these attempts. */
  void clear(Collection<Long> attempts) {
    jdbc.batchUpdate(
        "delete from mark where attempt_id = ?",
        attempts.stream().map(id -> new Object[] {id}).toList());
  }

  /** Stores what was made of attempts that have nothing stored. */
  void store(List<ToStore> all, String version) {
    Batches rows = new Batches();
    all.forEach(one -> rows.add(one, version));
    insert(MARK, rows.marks);
    insert(WORD, rows.words);
    insert(UNIT, rows.units);
    insert(RULE, rows.rules);
    insert(CONVENTION, rows.conventions);
  }

  private void insert(String sql, List<Object[]> rows) {
    if (!rows.isEmpty()) {
      jdbc.batchUpdate(sql, rows);
    }
  }

  /** Rows of the five tables, in the order of their columns. */
  private static final class Batches {
    private final List<@Nullable Object[]> marks = new ArrayList<>();
    private final List<@Nullable Object[]> words = new ArrayList<>();
    private final List<@Nullable Object[]> units = new ArrayList<>();
    private final List<@Nullable Object[]> rules = new ArrayList<>();
    private final List<@Nullable Object[]> conventions = new ArrayList<>();

    void add(ToStore one, String version) {
      marks.add(new Object[] {one.row.id(), version, one.judged.result().name(), one.shown});
      int at = 0;
      for (WordMark word : one.judged.words()) {
        List<Mark> inIt = Judged.marks(word);
        if (inIt.isEmpty() && one.judged.isSpelling()) {
          lost(one, at++, word);
        }
        for (Mark mark : inIt) {
          word(one, at, word, mark);
          units(one, at, mark);
          rules(one, at, mark);
          at++;
        }
      }
      one.judged.conventions().forEach(c -> convention(one, c));
    }

    private static long day(ToStore one) {
      return one.row.writtenOn().toEpochDay();
    }

    /** A word without a partner: lost, added or put in place of another. */
    private void lost(ToStore one, int at, WordMark word) {
      words.add(
          new Object[] {
            one.row.id(),
            at,
            one.row.pupilId(),
            day(one),
            word.target(),
            word.written(),
            word.kind().name(),
            null,
            null,
            0,
            0,
            0,
            false
          });
    }

    private void word(ToStore one, int at, WordMark word, Mark mark) {
      List<String> failed =
          mark.rules().stream().filter(r -> r.outcome().isFailure()).map(RuleMark::rule).toList();
      Optional<Need> need = one.tells() ? Need.of(mark.result(), failed) : Optional.empty();
      words.add(
          new Object[] {
            one.row.id(),
            at,
            one.row.pupilId(),
            day(one),
            mark.target().spelling(),
            mark.attempt(),
            word.kind().name(),
            mark.result().name(),
            need.map(Enum::name).orElse(null),
            mark.units().size(),
            mark.represented(),
            mark.elementScore(),
            one.tells() && SoundRecord.tells(mark)
          });
    }

    /** Units that are not as they are due; the others are known from the word. */
    private void units(ToStore one, int at, Mark mark) {
      boolean tells = one.tells() && SoundRecord.tells(mark);
      for (int i = 0; i < mark.units().size(); i++) {
        UnitMark unit = mark.units().get(i);
        if (unit.verdict() == Verdict.EXACT) {
          continue;
        }
        SoundPlace place = SoundPlace.of(mark, i);
        units.add(
            new Object[] {
              one.row.id(),
              at,
              i,
              one.row.pupilId(),
              day(one),
              mark.target().spelling(),
              mark.attempt(),
              place.sound(),
              place.due(),
              place.openTo(),
              unit.written(),
              unit.verdict().name(),
              unit.confusion().orElse(null),
              tells
            });
      }
    }

    private void rules(ToStore one, int at, Mark mark) {
      for (int i = 0; i < mark.rules().size(); i++) {
        RuleMark rule = mark.rules().get(i);
        Optional<Outcome> outcome = one.counted(rule.outcome());
        if (outcome.isPresent()) {
          boolean kept = outcome.get() == Outcome.APPLIED;
          rules.add(
              new Object[] {
                one.row.id(),
                at,
                i,
                one.row.pupilId(),
                day(one),
                kept ? "" : mark.target().spelling(),
                kept ? "" : mark.attempt(),
                rule.rule(),
                rule.at().condition().id(),
                rule.at().unit(),
                rule.at().side().name(),
                outcome.get().name(),
                kept
              });
        }
      }
    }

    private void convention(ToStore one, Convention convention) {
      Optional<Outcome> outcome = one.counted(convention.outcome());
      if (outcome.isPresent()) {
        String where = String.join(" ", convention.words());
        conventions.add(
            new Object[] {
              one.row.id(),
              convention.rule(),
              one.row.pupilId(),
              day(one),
              outcome.get().name(),
              where.substring(0, Math.min(where.length(), LONGEST_LIST))
            });
      }
    }
  }
}
