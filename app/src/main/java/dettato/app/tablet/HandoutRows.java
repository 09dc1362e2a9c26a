package dettato.app.tablet;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface HandoutRows extends JpaRepository<HandoutRow, Long> {
  Optional<HandoutRow> findByCode(String code);
}
