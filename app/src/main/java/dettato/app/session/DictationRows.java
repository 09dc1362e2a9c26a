package dettato.app.session;

import java.util.List;
import org.springframework.data.repository.ListCrudRepository;

interface DictationRows extends ListCrudRepository<DictationRow, Long> {
  List<DictationRow> findByClassIdOrderByGivenOn(Long classId);
}
