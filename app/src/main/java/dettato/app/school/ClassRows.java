package dettato.app.school;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface ClassRows extends org.springframework.data.jpa.repository.JpaRepository<ClassRow, Long> {
  @Query(
      "select c from ClassRow c join ClassTeacherRow t on t.classId = c.id"
          + " where t.accountId = :account order by c.id")
  List<ClassRow> taughtBy(Long account);

  @Query(
      "select c from ClassRow c join ClassTeacherRow t on t.classId = c.id"
          + " where c.id = :id and t.accountId = :account")
  Optional<ClassRow> taughtBy(Long id, Long account);

  /** Holds the class until the transaction ends, so that two rolls are not written at once. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select c from ClassRow c where c.id = :id")
  ClassRow hold(Long id);
}
