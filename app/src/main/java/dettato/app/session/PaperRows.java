package dettato.app.session;

import java.util.List;
import java.util.Optional;
import org.springframework.data.repository.ListCrudRepository;

interface PaperRows extends ListCrudRepository<PaperRow, Long> {
  List<PaperRow> findBySessionId(Long sessionId);

  Optional<PaperRow> findBySessionIdAndPupilId(Long sessionId, Long pupilId);

  /** A child who writes is there, whatever was said before. */
  default void here(Long sessionId, Long pupilId) {
    findBySessionIdAndPupilId(sessionId, pupilId).ifPresent(p -> p.become(PaperRow.State.HERE));
  }
}
