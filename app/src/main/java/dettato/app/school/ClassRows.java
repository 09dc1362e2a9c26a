package dettato.app.school;

import java.util.List;
import java.util.Optional;
import org.springframework.data.repository.ListCrudRepository;

interface ClassRows extends ListCrudRepository<ClassRow, Long> {
  Optional<ClassRow> findByIdAndAccountId(Long id, Long accountId);

  List<ClassRow> findByAccountIdOrderById(Long accountId);
}
