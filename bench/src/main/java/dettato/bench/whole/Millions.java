package dettato.bench.whole;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;

/**
 * Three years of six hundred children as stored outcomes, made in SQL: slips in two places of
 * thirteen, and every fourth child breaks one rule where it is due.
 */
final class Millions {
  private static final int ATTEMPTS = 600_000;

  /** Rules in turns, each with a condition of either side. */
  private static final String[][] RULES = {
    {"final-j", "short", "long"},
    {"final-k", "short", "team"},
    {"final-ch", "short", "consonant"},
    {"end-ai", "word-end", "inside"},
    {"past-ed", "d", "no-past"},
    {"drop-e", "vowel-ending", "plain-ending"},
    {"split-vowel", "e", "short"},
    {"c-or-k", "e-i-y", "a-o-u"}
  };

  /** An attempt's number without its child: the one after the other. */
  private static final String TURN = "(x / 600 + %d)";

  private static final String NOT_DUE = "mod(x, 3) = 0";

  private static final String DAY = "20651 - mod(x / 600, 1095)";

  private Millions() {}

  public static void main(String[] args) throws Exception {
    Path folder = Path.of(args[0]).toAbsolutePath();
    String key = Files.readString(folder.resolve("database.key")).strip();
    try (Connection open =
            DriverManager.getConnection("jdbc:h2:file:" + folder + "/dettato", "sa", key);
        Statement sql = open.createStatement()) {
      long start = System.nanoTime();
      sql.execute(
          "create table numbers as select x from system_range(1000001, "
              + (1_000_000 + ATTEMPTS)
              + ")");
      sql.execute(
          "create table child as select row_number() over (order by id) - 1 as n, id from pupil where name like 'c%n%'");
      String from = " from numbers join child on child.n = mod(x, 600)";
      sql.execute(
          "insert into attempt (id, version, class_id, pupil_id, kind, written_on, target, written, state)"
              + " select x, 0, (select min(class_id) from enrolment where pupil_id = child.id), child.id,"
              + " 'words', dateadd(day, "
              + DAY
              + ", date '1970-01-01'), 'word' || mod(x, 997), 'wurd', 'WRITTEN'"
              + from);
      sql.execute(
          "insert into mark (attempt_id, version, result) select x, '3.1', 'READS_OTHERWISE' from numbers");
      sql.execute(
          "insert into mark_word (attempt_id, word, pupil_id, on_day, target, attempt, kind, result, need, sounds, represented, elements, counted)"
              + " select x, 0, child.id, "
              + DAY
              + ", 'word' || mod(x, 997), 'wurd', 'MATCH', 'READS_OTHERWISE', 'CHOOSING', 4, 3, 9, true"
              + from);
      sql.execute(
          "insert into mark_unit (attempt_id, word, unit, pupil_id, on_day, target, attempt, sound, due, open_to, written, verdict, confusion, counted)"
              + " select x, 0, 0, child.id, "
              + DAY
              + ", 'word' || mod(x, 997), 'wurd', 'FACE', 'ai', '*',"
              + " 'a_e', 'ALTERNATIVE', null, true"
              + from
              + " where mod(x, 11) = 0");
      for (int place = 0; place < 2; place++) {
        String turn = TURN.formatted(place);
        String own = "mod(child.n, 4) = 0 and mod(child.n / 4, 8) = mod(" + turn + ", 8)";
        String fails =
            "mod(x, 13) < case when not " + NOT_DUE + " and " + own + " then 10 else 2 end";
        sql.execute(
            "insert into mark_rule (attempt_id, word, place, pupil_id, on_day, target, attempt, rule, condition, unit, side, outcome, kept)"
                + " select x, 0, "
                + place
                + ", child.id, "
                + DAY
                + ", 'word' || mod(x, 997), 'wurd', "
                + choice(turn, 0)
                + ", "
                + choice(turn, 0)
                + " || '/' || case when "
                + NOT_DUE
                + " then "
                + choice(turn, 2)
                + " else "
                + choice(turn, 1)
                + " end, 0, case when "
                + NOT_DUE
                + " then 'NOT_DUE' else 'DUE' end, case when "
                + fails
                + " then case when "
                + NOT_DUE
                + " then 'OVER' else 'UNDER' end else 'APPLIED' end, not ("
                + fails
                + ")"
                + from);
      }
      for (String table : new String[] {"attempt", "mark_word", "mark_unit", "mark_rule"}) {
        try (var row = sql.executeQuery("select count(*) from " + table)) {
          row.next();
          System.out.printf("%s: %,d rows%n", table, row.getLong(1));
        }
      }
      sql.execute("drop table numbers");
      sql.execute("drop table child");
      System.out.printf("made in %.0f s%n", (System.nanoTime() - start) / 1e9);
    }
  }

  /** The rule of a turn, or one of its two conditions. */
  private static String choice(String turn, int column) {
    StringBuilder out = new StringBuilder("case mod(" + turn + ", 8)");
    for (int i = 0; i < RULES.length; i++) {
      out.append(" when ").append(i).append(" then '").append(RULES[i][column]).append("'");
    }
    return out.append(" end").toString();
  }
}
