package dettato.app.marking;

import java.util.List;
import org.springframework.data.repository.ListCrudRepository;

interface MarkRows extends ListCrudRepository<MarkRow, Long> {
  List<MarkRow> findByVersionNot(String version);
}
