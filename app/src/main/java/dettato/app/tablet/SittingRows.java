package dettato.app.tablet;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface SittingRows extends JpaRepository<SittingRow, Long> {
  Optional<SittingRow> findByToken(String token);

  List<SittingRow> findBySessionId(Long sessionId);

  void deleteBySessionId(Long sessionId);
}
