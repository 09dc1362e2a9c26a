package dettato.app.marking;

import jakarta.persistence.EntityManager;
import java.sql.Date;
import java.util.ArrayList;
import java.util.List;
import org.hibernate.engine.spi.SharedSessionContractImplementor;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Inserts new attempts by the thousand: rows that nothing will change in this transaction need no
 * entity. Their ids come from the sequence that Hibernate draws from, in the database's own words.
 */
@Component
class AttemptInserts {
  /** As the sequence is stepped: its number is the first of so many ids. */
  private static final int BLOCK = 50;

  private static final String INSERT =
      "insert into attempt (id, version, class_id, pupil_id, item_id, kind, written_on, target,"
          + " written, state, corrected) values (?, 0, ?, ?, ?, ?, ?, ?, ?, ?, ?)";

  private final EntityManager entities;
  private final JdbcTemplate jdbc;

  AttemptInserts(EntityManager entities, JdbcTemplate jdbc) {
    this.entities = entities;
    this.jdbc = jdbc;
  }

  /** Gives new rows their ids. */
  void number(List<AttemptRow> rows) {
    String next =
        entities
            .unwrap(SharedSessionContractImplementor.class)
            .getFactory()
            .getJdbcServices()
            .getDialect()
            .getSequenceSupport()
            .getSequenceNextValString("attempt_seq");
    long id = 0;
    for (int i = 0; i < rows.size(); i++) {
      if (i % BLOCK == 0) {
        Long first = jdbc.queryForObject(next, Long.class);
        id = first == null ? 0 : first;
      }
      rows.get(i).number(id++);
    }
  }

  /** Writes rows that have their ids, after whatever they refer to. */
  void insert(List<AttemptRow> rows) {
    entities.flush();
    List<@Nullable Object[]> all = new ArrayList<>();
    for (AttemptRow row : rows) {
      all.add(
          new Object[] {
            row.id(),
            row.classId(),
            row.pupilId(),
            row.itemId(),
            row.kind(),
            Date.valueOf(row.writtenOn()),
            row.target(),
            row.written(),
            row.state().name(),
            row.corrected()
          });
    }
    jdbc.batchUpdate(INSERT, all);
  }
}
