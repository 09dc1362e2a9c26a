package dettato.app.tablet;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface SittingRows extends JpaRepository<SittingRow, Long> {
  Optional<SittingRow> findByToken(String token);

  void deleteBySessionId(Long sessionId);
}
