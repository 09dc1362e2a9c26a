package dettato.app.school;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.ListCrudRepository;

interface EnrolmentRows extends ListCrudRepository<EnrolmentRow, Long> {
  Optional<EnrolmentRow> findByClassIdAndPupilId(Long classId, Long pupilId);

  boolean existsByClassIdAndPupilId(Long classId, Long pupilId);

  List<EnrolmentRow> findByClassId(Long classId);

  /** All who are or were in these classes, in their order. */
  @Query(
      "select new dettato.app.school.Enrolled(e.classId, p.id, p.name, e.fromOn, e.toOn, e.extraTime)"
          + " from EnrolmentRow e join PupilRow p on p.id = e.pupilId"
          + " where e.classId in :classIds order by e.classId, e.place, e.id")
  List<Enrolled> of(Collection<Long> classIds);
}
