package dettato.app.marking;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface AttemptRows extends JpaRepository<AttemptRow, Long> {
  Optional<AttemptRow> findByPupilIdAndItemId(Long pupilId, Long itemId);

  List<AttemptRow> findByItemIdIn(Collection<Long> itemIds);
}
