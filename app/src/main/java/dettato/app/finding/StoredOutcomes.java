package dettato.app.finding;

import dettato.diagnose.Evidence;
import dettato.diagnose.Kept;
import dettato.diagnose.Need;
import dettato.diagnose.Settings;
import dettato.diagnose.SoundPlace;
import dettato.diagnose.SoundRecord;
import dettato.mark.UnitMark;
import dettato.mark.Verdict;
import dettato.rule.Outcome;
import dettato.rule.Side;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.RowCallbackHandler;
import org.springframework.jdbc.core.namedparam.MapSqlParameterSource;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Counts stored outcomes of children over the days that still weigh. Whatever was as it should be
 * is grouped and weighted in SQL; the rest, some few in a hundred, is told one by one.
 */
@Component
class StoredOutcomes {
  /** Weights are summed as whole millionths: H2 sums fractions, and reads 1e6, as decimals. */
  private static final double PARTS = 1_000_000;

  /** Half for every half-life of age; cast, since a database may divide whole days as whole. */
  private static final String WEIGHT =
      "sum(cast(cast(1000000 as double precision)"
          + " * power(2, cast(on_day - :asOf as double precision) / :halfLife) as integer))";

  private final NamedParameterJdbcTemplate jdbc;

  StoredOutcomes(NamedParameterJdbcTemplate jdbc) {
    this.jdbc = jdbc;
  }

  /** Days that are looked at, and how they weigh. */
  record Span(LocalDate asOf, Settings settings) {
    MapSqlParameterSource with(Collection<Long> pupils) {
      return new MapSqlParameterSource()
          .addValue("pupils", pupils)
          .addValue("since", settings.since(asOf).toEpochDay())
          .addValue("asOf", asOf.toEpochDay())
          .addValue("halfLife", (double) settings.halfLifeDays());
    }
  }

  /** How often a word was asked, and what that weighs. */
  record WordCount(String target, int count, double weight) {}

  /** What a child has shown. */
  static final class Shown {
    final List<Kept> kept = new ArrayList<>();
    final List<Evidence> other = new ArrayList<>();
    final List<WordCount> asked = new ArrayList<>();
    final List<SoundRecord.Off> off = new ArrayList<>();
    final Map<Need, Integer> needs = new EnumMap<>(Need.class);
    int words;
    @Nullable LocalDate from;
    @Nullable LocalDate to;

    /** What was written for each sound; {@code places} has those of a word. */
    SoundRecord sounds(Function<String, List<SoundPlace>> places, Span span) {
      return SoundRecord.of(
          asked.stream()
              .map(a -> new SoundRecord.Asked(a.target, places.apply(a.target), a.count, a.weight))
              .toList(),
          off,
          span.settings,
          span.asOf);
    }
  }

  /** What children have shown over the days that weigh; each of them is there. */
  Map<Long, Shown> of(Collection<Long> pupils, Span span) {
    Map<Long, Shown> all = new HashMap<>();
    pupils.forEach(p -> all.put(p, new Shown()));
    if (pupils.isEmpty()) {
      return all;
    }
    Reader read = (sql, each) -> jdbc.query(sql, span.with(pupils), each.into(all));
    read.now(
        "select pupil_id, rule, condition, side, count(*) as n, "
            + WEIGHT
            + " as w from mark_rule where pupil_id in (:pupils) and kept = true"
            + " and on_day between :since and :asOf group by pupil_id, rule, condition, side",
        (shown, row) -> shown.kept.add(kept(row)));
    read.now(
        "select pupil_id, on_day, target, attempt, rule, condition, side, outcome from mark_rule"
            + " where pupil_id in (:pupils) and kept = false and on_day between :since and :asOf"
            + " order by attempt_id, word, place",
        (shown, row) -> shown.other.add(evidence(row)));
    read.now(
        "select pupil_id, target, count(*) as n, "
            + WEIGHT
            + " as w from mark_word where pupil_id in (:pupils) and counted = true"
            + " and on_day between :since and :asOf group by pupil_id, target",
        (shown, row) -> shown.asked.add(wordCount(row)));
    read.now(
        "select pupil_id, on_day, target, unit, attempt, sound, due, open_to, written, verdict,"
            + " confusion from mark_unit where pupil_id in (:pupils) and counted = true"
            + " and on_day between :since and :asOf order by attempt_id, word, unit",
        (shown, row) -> shown.off.add(off(row)));
    read.now(
        "select pupil_id, need, count(*) as n, min(on_day) as first, max(on_day) as last"
            + " from mark_word where pupil_id in (:pupils) and on_day between :since and :asOf"
            + " group by pupil_id, need",
        StoredOutcomes::words);
    return all;
  }

  /** Asks, and gives each row to the child it is of. */
  private interface Reader {
    void now(String sql, ToChild each);
  }

  private interface ToChild {
    void add(Shown shown, ResultSet row) throws SQLException;

    default RowCallbackHandler into(Map<Long, Shown> all) {
      return row -> add(Objects.requireNonNull(all.get(row.getLong("pupil_id"))), row);
    }
  }

  private static WordCount wordCount(ResultSet row) throws SQLException {
    return new WordCount(row.getString("target"), row.getInt("n"), row.getLong("w") / PARTS);
  }

  private static LocalDate day(ResultSet row, String column) throws SQLException {
    return LocalDate.ofEpochDay(row.getLong(column));
  }

  private static Kept kept(ResultSet row) throws SQLException {
    return new Kept(
        row.getString("rule"),
        condition(row),
        Side.valueOf(row.getString("side")),
        row.getInt("n"),
        row.getLong("w") / PARTS);
  }

  /** Marks of a core before conditions have none; they are marked anew when there is time. */
  private static String condition(ResultSet row) throws SQLException {
    return Objects.requireNonNullElse(row.getString("condition"), "");
  }

  private static Evidence evidence(ResultSet row) throws SQLException {
    return new Evidence(
        day(row, "on_day"),
        row.getString("target"),
        row.getString("attempt"),
        row.getString("rule"),
        condition(row),
        Side.valueOf(row.getString("side")),
        Outcome.valueOf(row.getString("outcome")));
  }

  private static SoundRecord.Off off(ResultSet row) throws SQLException {
    return new SoundRecord.Off(
        day(row, "on_day"),
        row.getString("target"),
        row.getInt("unit"),
        row.getString("attempt"),
        place(row),
        new UnitMark(
            row.getString("written"),
            Verdict.valueOf(row.getString("verdict")),
            Optional.ofNullable(row.getString("confusion"))));
  }

  private static SoundPlace place(ResultSet row) throws SQLException {
    return new SoundPlace(row.getString("sound"), row.getString("due"), row.getString("open_to"));
  }

  private static void words(Shown child, ResultSet row) throws SQLException {
    int count = row.getInt("n");
    child.words += count;
    String need = row.getString("need");
    if (need != null) {
      child.needs.put(Need.valueOf(need), count);
    }
    LocalDate first = day(row, "first");
    LocalDate last = day(row, "last");
    child.from = child.from == null || first.isBefore(child.from) ? first : child.from;
    child.to = child.to == null || last.isAfter(child.to) ? last : child.to;
  }

  /** The revision of what is known of each child; it rises with every write about the child. */
  Map<Long, Long> revisions(Collection<Long> pupils) {
    Map<Long, Long> revisions = new HashMap<>();
    if (!pupils.isEmpty()) {
      jdbc.query(
          "select id, revision from pupil where id in (:pupils)",
          new MapSqlParameterSource("pupils", pupils),
          (ResultSet row) -> {
            revisions.put(row.getLong(1), row.getLong(2));
          });
    }
    return revisions;
  }

  /** The newest places that tested a rule of a child, at most so many, those of one side only. */
  List<Evidence> newest(long pupil, String rule, Sides sides, Span span, int most) {
    MapSqlParameterSource with =
        span.with(List.of(pupil)).addValue("rule", rule).addValue("most", most);
    return jdbc.query(
        "select r.on_day, w.target, w.attempt, r.rule, r.condition, r.side, r.outcome from mark_rule r"
            + " join mark_word w on w.attempt_id = r.attempt_id and w.word = r.word"
            + " where r.pupil_id in (:pupils) and r.kept in (true, false) and r.rule = :rule"
            + " and r.on_day between :since and :asOf"
            + sides.sql
            + " order by r.on_day desc, r.attempt_id desc, r.word, r.place"
            + " fetch first :most rows only",
        with,
        (row, n) -> evidence(row));
  }

  /** Which places a finding is about. */
  enum Sides {
    UNDER(" and (outcome = 'UNDER' or side = 'DUE' and kept = true)"),
    OVER(" and (outcome = 'OVER' or side = 'NOT_DUE' and kept = true)"),
    ALL(" and outcome <> 'UNTESTED'");

    private final String sql;

    Sides(String sql) {
      this.sql = sql;
    }
  }
}
