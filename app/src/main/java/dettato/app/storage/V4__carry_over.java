package dettato.app.storage;

import dettato.diagnose.Need;
import dettato.mark.Result;
import dettato.rule.Outcome;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Carries over what 0.1 packed as text: a rule's outcomes at places of a word become rows, counted
 * as the teacher's own word says, so that findings are the same before anything is marked anew. Of
 * sounds 0.1 kept nothing, so no carried word counts for them until it is. Sequences go on after
 * the ids there are.
 */
@Component
public class V4__carry_over extends BaseJavaMigration {
  private static final int BATCH = 1_000;

  /** Tables with a sequence of their own. */
  private static final List<String> NUMBERED =
      List.of(
          "account",
          "school_class",
          "pupil",
          "enrolment",
          "session",
          "block",
          "item",
          "paper",
          "attempt",
          "override_log");

  /** One mark of 0.1, with the attempt it is of and what the teacher said. */
  private record OldMark(
      long attempt,
      long pupil,
      long day,
      String target,
      String written,
      String state,
      String version,
      String result,
      String rules,
      @Nullable String own) {

    boolean counts() {
      return own == null || !own.equals("BLANK") && !own.equals("ABSENT");
    }

    boolean tells() {
      return state.equals("WRITTEN") && counts() && !"RIGHT".equals(own);
    }

    /** rule:SIDE:OUTCOME, separated by spaces. */
    List<String[]> places() {
      List<String[]> places = new ArrayList<>();
      for (String place : rules.split(" ")) {
        if (!place.isEmpty()) {
          places.add(place.split(":"));
        }
      }
      return places;
    }
  }

  @Override
  public void migrate(Context context) throws SQLException {
    Connection connection = context.getConnection();
    carryMarks(connection);
    for (String table : NUMBERED) {
      goOn(connection, table);
    }
  }

  private static void carryMarks(Connection connection) throws SQLException {
    try (PreparedStatement marks =
            connection.prepareStatement(
                "insert into mark (attempt_id, version, result) values (?, ?, ?)");
        PreparedStatement words =
            connection.prepareStatement(
                "insert into mark_word (attempt_id, word, pupil_id, on_day, target, attempt, kind,"
                    + " result, need, sounds, represented, elements, counted)"
                    + " values (?, 0, ?, ?, ?, ?, 'MATCH', ?, ?, 0, 0, 0, false)");
        PreparedStatement rules =
            connection.prepareStatement(
                "insert into mark_rule (attempt_id, word, place, pupil_id, on_day, target, attempt,"
                    + " rule, unit, side, outcome, kept) values (?, 0, ?, ?, ?, ?, ?, ?, -1, ?, ?, ?)");
        Statement read = connection.createStatement();
        ResultSet row =
            read.executeQuery(
                "select a.id, a.pupil_id, a.written_on, a.target, a.written, a.state, m.version,"
                    + " m.result, m.rules, o.result as own from old_mark m"
                    + " join attempt a on a.id = m.attempt_id and a.state <> 'EMPTY'"
                    + " left join override_log o on o.attempt_id = a.id and o.withdrawn_at is null"
                    + " and o.id = (select max(n.id) from override_log n where n.attempt_id = a.id)")) {
      int waiting = 0;
      while (row.next()) {
        add(old(row), marks, words, rules);
        if (++waiting % BATCH == 0) {
          flush(marks, words, rules);
        }
      }
      flush(marks, words, rules);
    }
  }

  private static OldMark old(ResultSet row) throws SQLException {
    return new OldMark(
        row.getLong("id"),
        row.getLong("pupil_id"),
        row.getObject("written_on", LocalDate.class).toEpochDay(),
        row.getString("target"),
        row.getString("written"),
        row.getString("state"),
        row.getString("version"),
        row.getString("result"),
        row.getString("rules"),
        row.getString("own"));
  }

  private static void add(
      OldMark mark, PreparedStatement marks, PreparedStatement words, PreparedStatement rules)
      throws SQLException {
    marks.setLong(1, mark.attempt);
    marks.setString(2, mark.version + " of 0.1");
    marks.setString(3, mark.result);
    marks.addBatch();
    List<String> failed =
        mark.places().stream()
            .filter(p -> Outcome.valueOf(p[2]).isFailure())
            .map(p -> p[0])
            .toList();
    words.setLong(1, mark.attempt);
    words.setLong(2, mark.pupil);
    words.setLong(3, mark.day);
    words.setString(4, mark.target);
    words.setString(5, mark.written);
    words.setString(6, mark.result);
    words.setString(
        7,
        mark.tells()
            ? Need.of(Result.valueOf(mark.result), failed).map(Enum::name).orElse(null)
            : null);
    words.addBatch();
    if (mark.counts()) {
      int place = 0;
      for (String[] at : mark.places()) {
        String outcome = "RIGHT".equals(mark.own) ? Outcome.APPLIED.name() : at[2];
        rules.setLong(1, mark.attempt);
        rules.setInt(2, place++);
        rules.setLong(3, mark.pupil);
        rules.setLong(4, mark.day);
        boolean kept = outcome.equals(Outcome.APPLIED.name());
        rules.setString(5, kept ? "" : mark.target);
        rules.setString(6, kept ? "" : mark.written);
        rules.setString(7, at[0]);
        rules.setString(8, at[1]);
        rules.setString(9, outcome);
        rules.setBoolean(10, kept);
        rules.addBatch();
      }
    }
  }

  private static void flush(PreparedStatement... all) throws SQLException {
    for (PreparedStatement one : all) {
      one.executeBatch();
    }
  }

  private static void goOn(Connection connection, String table) throws SQLException {
    try (Statement statement = connection.createStatement()) {
      long next;
      try (ResultSet row = statement.executeQuery("select max(id) from " + table)) {
        next = row.next() ? row.getLong(1) + 1 : 1;
      }
      statement.execute("alter sequence " + table + "_seq restart with " + next);
    }
  }
}
