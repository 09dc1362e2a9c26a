package dettato.app.engine;

import jakarta.persistence.LockModeType;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface EditionRows extends Repository<EditionRow, Integer> {
  @Query("select e.number from EditionRow e where e.id = " + EditionRow.ONLY)
  long number();

  /** Holds the row until the transaction ends, so that of two changes the later is told later. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select e from EditionRow e where e.id = " + EditionRow.ONLY)
  EditionRow hold();
}
