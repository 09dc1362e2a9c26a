package dettato.app.session;

import java.util.List;
import java.util.Optional;
import org.springframework.data.repository.ListCrudRepository;

interface PaperRows extends ListCrudRepository<PaperRow, Long> {
  List<PaperRow> findBySessionId(Long sessionId);

  Optional<PaperRow> findBySessionIdAndPupilId(Long sessionId, Long pupilId);
}
