package dettato.app.marking;

import java.util.Collection;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Puts writes about one child in order: a transaction holds the child's row, and raises the
 * revision by which readers see that what they know is old.
 */
@Component
class ChildLock {
  private final JdbcTemplate jdbc;

  ChildLock(JdbcTemplate jdbc) {
    this.jdbc = jdbc;
  }

  /**
   * Holds these children until the transaction ends; always in one order, so none wait in a ring.
   */
  void hold(Collection<Long> pupils) {
    pupils.stream()
        .distinct()
        .sorted()
        .forEach(id -> jdbc.update("update pupil set revision = revision + 1 where id = ?", id));
  }
}
