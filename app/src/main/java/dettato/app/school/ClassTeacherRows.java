package dettato.app.school;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.ListCrudRepository;

interface ClassTeacherRows extends ListCrudRepository<ClassTeacherRow, ClassTeacherRow.Key> {
  List<ClassTeacherRow> findByClassId(Long classId);

  /** How often a child was taken into a class; empty when it is not the teacher's. */
  @Query(
      "select (select count(e) from EnrolmentRow e where e.classId = t.classId and e.pupilId = :pupil)"
          + " from ClassTeacherRow t where t.classId = :classId and t.accountId = :teacher")
  Optional<Long> enrolments(Long classId, Long teacher, Long pupil);
}
