package dettato.app.session;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface ItemRows extends JpaRepository<ItemRow, Long> {
  List<ItemRow> findByDictationIdOrderByPlace(Long dictationId);

  List<ItemRow> findByDictationIdIn(List<Long> dictationIds);
}
