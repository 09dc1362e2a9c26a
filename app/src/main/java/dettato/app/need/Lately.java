package dettato.app.need;

import dettato.activity.Activities;
import dettato.prompt.PromptCodec;
import dettato.session.SessionFiller;
import java.sql.Date;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.Set;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** What sessions of a class asked before a day, or will ask just after it. */
@Component
public class Lately {
  /** Nothing is asked twice within so many days, unless it is review. */
  private static final int RECENT_DAYS = 14;

  /** An assessment asks nothing that was practised within so many. */
  private static final int PRACTISED_DAYS = 42;

  private final Activities book;
  private final JdbcTemplate jdbc;

  Lately(Activities book, JdbcTemplate jdbc) {
    this.book = book;
    this.jdbc = jdbc;
  }

  /**
   * Texts and words that are not to be asked again yet.
   *
   * @param but a session that does not count; 0 for none
   */
  public Set<String> recent(long classId, LocalDate on, long but) {
    return asked(classId, on.minusDays(RECENT_DAYS), on.plusDays(RECENT_DAYS), but);
  }

  /** Texts and words that an assessment leaves out. */
  public Set<String> practised(long classId, LocalDate on, long but) {
    return asked(classId, on.minusDays(PRACTISED_DAYS), on, but);
  }

  private Set<String> asked(long classId, LocalDate from, LocalDate to, long but) {
    Set<String> asked = new HashSet<>();
    jdbc.query(
        "select b.kind, i.prompt from session s join block b on b.session_id = s.id"
            + " join item i on i.block_id = b.id where s.class_id = ? and s.removed_at is null"
            + " and s.given_on between ? and ? and s.id <> ?",
        row -> {
          asked.addAll(
              SessionFiller.asked(book.of(row.getString(1)), PromptCodec.read(row.getString(2))));
        },
        classId,
        Date.valueOf(from),
        Date.valueOf(to),
        but);
    return asked;
  }
}
