package dettato.app.school;

import java.util.List;
import org.springframework.data.repository.ListCrudRepository;

interface ClassTeacherRows extends ListCrudRepository<ClassTeacherRow, ClassTeacherRow.Key> {
  List<ClassTeacherRow> findByClassId(Long classId);
}
