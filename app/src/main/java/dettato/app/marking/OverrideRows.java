package dettato.app.marking;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.ListCrudRepository;

interface OverrideRows extends ListCrudRepository<OverrideRow, Long> {
  Optional<OverrideRow> findFirstByAttemptIdOrderByIdDesc(Long attemptId);

  List<OverrideRow> findByAttemptIdOrderByIdDesc(Long attemptId);

  /** The newest of each attempt. */
  @Query(
      "select o from OverrideRow o where o.attemptId in :attempts and o.id ="
          + " (select max(n.id) from OverrideRow n where n.attemptId = o.attemptId)")
  List<OverrideRow> newest(Collection<Long> attempts);
}
