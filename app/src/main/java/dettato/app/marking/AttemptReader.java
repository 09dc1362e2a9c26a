package dettato.app.marking;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import dettato.activity.Activities;
import dettato.activity.Traits.Answer;
import dettato.mark.Result;
import dettato.mark.SentenceMarker;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads attempts with what was stored of them. Nothing here marks. */
@Service
public class AttemptReader {
  private static final String NEWEST_OVERRIDE =
      " left join override_log o on o.attempt_id = a.id and o.withdrawn_at is null"
          + " and o.judged = a.written"
          + " and o.id = (select max(n.id) from override_log n where n.attempt_id = a.id)";

  private static final int RULE = 2;
  private static final int OUTCOME = 3;
  private static final int CONDITION = 4;

  private final JdbcTemplate jdbc;
  private final ObjectMapper json;

  /** Ids of the kinds whose words are marked too, as SQL lists them. */
  private final String marked;

  AttemptReader(JdbcTemplate jdbc, ObjectMapper json, Activities kinds) {
    this.jdbc = jdbc;
    this.json = json;
    this.marked =
        kinds.all().stream()
            .filter(k -> k.traits().answer() == Answer.MARKED_WORD)
            .map(k -> "'" + k.id() + "'")
            .collect(Collectors.joining(", "));
  }

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
  public List<Cell> cells(long sessionId) {
    return jdbc.query(
        "select a.id, a.pupil_id, a.item_id, a.written, a.state, a.version, a.corrected,"
            + " m.result, m.shown, o.result as own"
            + " from block b join item i on i.block_id = b.id join attempt a on a.item_id = i.id"
            + " left join mark m on m.attempt_id = a.id"
            + NEWEST_OVERRIDE
            + " where b.session_id = ? order by a.id",
        (row, n) -> cell(row),
        sessionId);
  }

  private Cell cell(ResultSet row) throws SQLException {
    Shown shown = shown(row.getString("shown"));
    Optional<Result> own = Optional.ofNullable(row.getString("own")).map(Result::valueOf);
    Optional<Result> derived = Optional.ofNullable(row.getString("result")).map(Result::valueOf);
    return new Cell(
        row.getLong("id"),
        row.getLong("pupil_id"),
        row.getLong("item_id"),
        row.getString("written"),
        AnswerState.valueOf(row.getString("state")),
        row.getLong("version") + 1,
        row.getString("corrected"),
        own.or(() -> derived).orElse(null),
        shown.mark(),
        shown.sentence(),
        own.orElse(null));
  }

  private Shown shown(@Nullable String text) {
    try {
      return text == null ? Shown.NOTHING : json.readValue(text, Shown.class);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException("a stored mark is no JSON", e);
    }
  }

  /** The items of a session that a child has written something for. */
  @Transactional(readOnly = true)
  public Set<Long> answered(long sessionId, long pupilId) {
    return new HashSet<>(
        jdbc.queryForList(
            "select a.item_id from block b join item i on i.block_id = b.id"
                + " join attempt a on a.item_id = i.id"
                + " where b.session_id = ? and a.pupil_id = ? and a.state <> 'EMPTY'",
            Long.class,
            sessionId,
            pupilId));
  }

  /** How many attempts are written for these items. */
  @Transactional(readOnly = true)
  public int written(long sessionId, long pupilId) {
    Integer count =
        jdbc.queryForObject(
            "select count(*) from block b join item i on i.block_id = b.id"
                + " join attempt a on a.item_id = i.id"
                + " where b.session_id = ? and a.pupil_id = ? and a.state <> 'EMPTY'",
            Integer.class,
            sessionId,
            pupilId);
    return count == null ? 0 : count;
  }

  /**
   * A word on a paper, as it counts.
   *
   * @param marks whether its marks are right; empty where none were asked for
   */
  public record WrittenWord(
      long pupil,
      String target,
      String written,
      boolean right,
      boolean readsRight,
      int sounds,
      int represented,
      int elements,
      Optional<Boolean> marks) {}

  /** Hands over every word of a session's papers; none that its teacher does not count. */
  @Transactional(readOnly = true)
  public void words(long sessionId, Consumer<WrittenWord> to) {
    jdbc.query(
        "select w.pupil_id, w.target, w.attempt, w.result, w.sounds, w.represented, w.elements,"
            + " o.result as own, case when b.kind in ("
            + marked
            + ") then m.shown end as marks"
            + " from block b join item i on i.block_id = b.id"
            + " join attempt a on a.item_id = i.id join mark m on m.attempt_id = a.id"
            + " join mark_word w on w.attempt_id = a.id"
            + NEWEST_OVERRIDE
            + " where b.session_id = ? and a.state <> 'EMPTY' and w.sounds > 0"
            + " order by b.place, i.place, w.word",
        row -> {
          String own = row.getString("own");
          Result result = Result.valueOf(own == null ? row.getString("result") : own);
          if (result != Result.ABSENT && (own == null || result != Result.BLANK)) {
            String marks = row.getString("marks");
            to.accept(
                new WrittenWord(
                    row.getLong("pupil_id"),
                    row.getString("target"),
                    row.getString("attempt"),
                    result == Result.RIGHT,
                    result == Result.READS_RIGHT,
                    row.getInt("sounds"),
                    row.getInt("represented"),
                    row.getInt("elements"),
                    Optional.ofNullable(marks).map(this::marksAreRight)));
          }
        },
        sessionId);
  }

  /** Of a word to be marked the letters are judged first, the marks second. */
  private boolean marksAreRight(String text) {
    SentenceView judged = shown(text).sentence();
    return judged != null
        && judged.words().size() == 2
        && judged.words().get(1).kind() == SentenceMarker.Kind.MATCH;
  }

  /** Hands over every attempt of a class, oldest first, a child at a time kept in memory. */
  @Transactional(readOnly = true)
  public void export(long classId, Consumer<Exported> to) {
    List<Long> days =
        jdbc.queryForList(
            "select distinct extract(year from written_on) as y from attempt where class_id = ?"
                + " order by y",
            Long.class,
            classId);
    for (Long year : days) {
      LocalDate first = LocalDate.of(year.intValue(), 1, 1);
      exportYear(classId, first, first.plusYears(1), to);
    }
  }

  private void exportYear(long classId, LocalDate from, LocalDate to, Consumer<Exported> out) {
    Map<Long, StringBuilder> rules = new HashMap<>();
    Map<Long, StringBuilder> conditions = new HashMap<>();
    String ofClass =
        " join attempt a on a.id = r.attempt_id where a.class_id = ?"
            + " and a.written_on >= ? and a.written_on < ? order by r.attempt_id";
    jdbc.query(
        "select r.attempt_id, r.rule, r.outcome, r.condition from mark_rule r"
            + ofClass
            + ", r.word, r.place",
        row -> {
          append(rules, row, row.getString(RULE));
          String condition = row.getString(CONDITION);
          append(conditions, row, condition == null ? row.getString(RULE) : condition);
        },
        classId,
        from,
        to);
    jdbc.query(
        "select r.attempt_id, r.rule, r.outcome from mark_convention r" + ofClass + ", r.rule",
        row -> {
          append(rules, row, row.getString(RULE));
        },
        classId,
        from,
        to);
    jdbc.query(
        "select a.id, p.name, a.written_on, a.target, a.written, a.corrected, m.result,"
            + " o.result as own"
            + " from attempt a join pupil p on p.id = a.pupil_id"
            + " left join mark m on m.attempt_id = a.id"
            + NEWEST_OVERRIDE
            + " where a.class_id = ? and a.written_on >= ? and a.written_on < ?"
            + " and a.state <> 'EMPTY' order by a.written_on, a.id",
        row -> {
          String own = row.getString("own");
          String derived = row.getString("result");
          String corrected = row.getString("corrected");
          long id = row.getLong("id");
          out.accept(
              new Exported(
                  row.getString("name"),
                  row.getObject("written_on", LocalDate.class),
                  row.getString("target"),
                  row.getString("written"),
                  corrected == null ? "" : corrected,
                  own != null ? own : derived != null ? derived : "",
                  rules.getOrDefault(id, new StringBuilder()).toString(),
                  conditions.getOrDefault(id, new StringBuilder()).toString()));
        },
        classId,
        from,
        to);
  }

  private static void append(Map<Long, StringBuilder> texts, ResultSet row, String what)
      throws SQLException {
    StringBuilder text = texts.computeIfAbsent(row.getLong(1), id -> new StringBuilder());
    text.append(text.isEmpty() ? "" : " ").append(what).append('=');
    text.append(row.getString(OUTCOME));
  }
}
