package dettato.app.need;

import dettato.plan.Timing;
import java.util.List;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** How long the blocks of a class's sessions took. */
@Component
public class Timings {
  /** Older runs say little of how the class works now. */
  private static final int NEWEST = 120;

  private final JdbcTemplate jdbc;

  Timings(JdbcTemplate jdbc) {
    this.jdbc = jdbc;
  }

  /** What is learnt of a class. */
  public Timing of(long classId) {
    List<Timing.Run> newestFirst =
        jdbc.query(
            "select b.kind, b.planned_seconds, b.took_seconds from session s"
                + " join block b on b.session_id = s.id where s.class_id = ?"
                + " and s.removed_at is null and b.took_seconds is not null"
                + " order by s.given_on desc, b.id desc fetch first "
                + NEWEST
                + " rows only",
            (row, n) -> new Timing.Run(row.getString(1), row.getInt(2), row.getInt(3)),
            classId);
    return new Timing(
        java.util.stream.IntStream.range(0, newestFirst.size())
            .mapToObj(i -> newestFirst.get(newestFirst.size() - 1 - i))
            .toList());
  }
}
