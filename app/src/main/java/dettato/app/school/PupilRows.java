package dettato.app.school;

import java.util.List;
import org.springframework.data.repository.ListCrudRepository;

interface PupilRows extends ListCrudRepository<PupilRow, Long> {
  List<PupilRow> findByClassIdOrderByPlace(Long classId);
}
