package dettato.app.session;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface BlockRows extends JpaRepository<BlockRow, Long> {
  List<BlockRow> findBySessionIdOrderByPlace(Long sessionId);

  List<BlockRow> findBySessionIdInOrderByPlace(Collection<Long> sessionIds);
}
