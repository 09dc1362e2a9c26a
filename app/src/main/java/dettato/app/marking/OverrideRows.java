package dettato.app.marking;

import java.util.List;
import org.springframework.data.repository.ListCrudRepository;

interface OverrideRows extends ListCrudRepository<OverrideRow, Long> {
  List<OverrideRow> findByAttemptIdInOrderById(List<Long> attemptIds);
}
