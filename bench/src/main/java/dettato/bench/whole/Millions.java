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

  private static final String ATTEMPTS_OF_CHILDREN =
      """
      create table made as
      select x as id, child.id as pupil_id, child.n as child, x / 600 as turn,
        20651 - mod(x / 600, 1095) as on_day, 'word' || mod(x, 997) as target,
        mod(x, 3) = 0 as plain, mod(x, 13) as luck
      from system_range(1000001, %d)
      join (select row_number() over (order by id) - 1 as n, id
        from pupil where name like 'c%%n%%') child on child.n = mod(x, 600)
      """;

  /** Marked as the server's own are: it would mark others anew meanwhile. */
  private static final String[] MARKS = {
    """
    insert into attempt (id, version, class_id, pupil_id, kind, written_on, target, written, state)
    select id, 0, (select min(class_id) from enrolment e where e.pupil_id = made.pupil_id),
      pupil_id, 'words', dateadd(day, on_day, date '1970-01-01'), target, 'wurd', 'WRITTEN'
    from made
    """,
    """
    insert into mark (attempt_id, version, result)
    select id, (select max(version) from mark), 'READS_OTHERWISE' from made
    """,
    """
    insert into mark_word (attempt_id, word, pupil_id, on_day, target, attempt, kind, result, need,
      sounds, represented, elements, counted)
    select id, 0, pupil_id, on_day, target, 'wurd', 'MATCH', 'READS_OTHERWISE', 'CHOOSING',
      4, 3, 9, true
    from made
    """,
    """
    insert into mark_unit (attempt_id, word, unit, pupil_id, on_day, target, attempt, sound, due,
      open_to, written, verdict, confusion, counted)
    select id, 0, 0, pupil_id, on_day, target, 'wurd', 'FACE', 'ai', '*', 'a_e', 'ALTERNATIVE',
      null, true
    from made where mod(id, 11) = 0
    """
  };

  /** One place of each attempt; a child's own rule fails in ten of thirteen where it is due. */
  private static final String OUTCOMES =
      """
      insert into mark_rule (attempt_id, word, place, pupil_id, on_day, target, attempt, rule,
        condition, unit, side, outcome, kept)
      select id, 0, ?1, pupil_id, on_day, target, 'wurd', rule,
        rule || '/' || case when plain then otherwise else due end, 0,
        case when plain then 'NOT_DUE' else 'DUE' end,
        case when not fails then 'APPLIED' when plain then 'OVER' else 'UNDER' end, not fails
      from (
        select made.*, ruled.*, luck < case
            when not plain and mod(child, 4) = 0 and mod(child / 4, 8) = n then 10 else 2 end fails
        from made join ruled on n = mod(turn + ?1, 8)) told
      """;

  private Millions() {}

  public static void main(String[] args) throws Exception {
    Path folder = Path.of(args[0]).toAbsolutePath();
    String key = Files.readString(folder.resolve("database.key")).strip();
    try (Connection open =
            DriverManager.getConnection("jdbc:h2:file:" + folder + "/dettato", "sa", key);
        Statement sql = open.createStatement()) {
      long start = System.nanoTime();
      sql.execute(ATTEMPTS_OF_CHILDREN.formatted(1_000_000 + ATTEMPTS));
      sql.execute("create table ruled (n int, rule varchar, due varchar, otherwise varchar)");
      for (int i = 0; i < RULES.length; i++) {
        String[] of = RULES[i];
        sql.execute(
            "insert into ruled values (%d, '%s', '%s', '%s')".formatted(i, of[0], of[1], of[2]));
      }
      for (String marks : MARKS) {
        sql.execute(marks);
      }
      for (int place = 0; place < 2; place++) {
        sql.execute(OUTCOMES.replace("?1", String.valueOf(place)));
      }
      for (String table : new String[] {"attempt", "mark_word", "mark_unit", "mark_rule"}) {
        try (var row = sql.executeQuery("select count(*) from " + table)) {
          row.next();
          System.out.printf("%s: %,d rows%n", table, row.getLong(1));
        }
      }
      sql.execute("drop table made");
      sql.execute("drop table ruled");
      System.out.printf("made in %.0f s%n", (System.nanoTime() - start) / 1e9);
    }
  }
}
