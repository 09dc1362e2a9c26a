package dettato.app.session;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface ItemRows extends JpaRepository<ItemRow, Long> {
  List<ItemRow> findByBlockIdInOrderByPlace(Collection<Long> blockIds);
}
