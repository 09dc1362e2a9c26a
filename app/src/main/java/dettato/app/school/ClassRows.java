package dettato.app.school;

import jakarta.persistence.LockModeType;
import java.util.List;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface ClassRows extends org.springframework.data.jpa.repository.JpaRepository<ClassRow, Long> {
  @Query(
      "select new dettato.app.school.ClassWithProfile(c, p) from ClassRow c"
          + " join ClassTeacherRow t on t.classId = c.id join ProfileRow p on p.classId = c.id"
          + " where t.accountId = :account order by c.id")
  List<ClassWithProfile> taughtBy(Long account);

  @Query(
      "select new dettato.app.school.ClassWithProfile(c, p) from ClassRow c"
          + " join ClassTeacherRow t on t.classId = c.id join ProfileRow p on p.classId = c.id"
          + " where c.id = :id and t.accountId = :account")
  List<ClassWithProfile> taughtBy(Long id, Long account);

  @Query(
      "select new dettato.app.school.ClassWithProfile(c, p) from ClassRow c"
          + " join ProfileRow p on p.classId = c.id where c.id = :id")
  List<ClassWithProfile> any(Long id);

  @Query(
      "select new dettato.app.school.ClassWithProfile(c, p) from ClassRow c"
          + " join ProfileRow p on p.classId = c.id order by c.id")
  List<ClassWithProfile> everyOne();

  /** Holds the class until the transaction ends, so that two rolls are not written at once. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select c from ClassRow c where c.id = :id")
  ClassRow hold(Long id);
}
