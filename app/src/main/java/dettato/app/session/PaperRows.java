package dettato.app.session;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.ListCrudRepository;

interface PaperRows extends ListCrudRepository<PaperRow, Long> {
  List<PaperRow> findBySessionId(Long sessionId);

  Optional<PaperRow> findBySessionIdAndPupilId(Long sessionId, Long pupilId);

  /** A child's paper of a session. */
  record OfSession(Long session, Long pupil) {}

  /** Of children who were away. */
  @Query(
      "select new dettato.app.session.PaperRows$OfSession(s.id, p.pupilId) from SessionRow s"
          + " join PaperRow p on p.sessionId = s.id"
          + " where s.classId = :of and s.givenOn between :from and :to and p.state = AWAY")
  List<OfSession> away(Long of, LocalDate from, LocalDate to);

  /** On which every item is entered, but for those of these kinds. */
  @Query(
      "select new dettato.app.session.PaperRows$OfSession(b.sessionId, a.pupilId)"
          + " from SessionRow s join BlockRow b on b.sessionId = s.id"
          + " join ItemRow i on i.blockId = b.id join AttemptRow a on a.itemId = i.id"
          + " where s.classId = :of and s.givenOn between :from and :to and a.state <> EMPTY"
          + " group by b.sessionId, a.pupilId having count(*) >="
          + " (select count(*) from BlockRow d join ItemRow j on j.blockId = d.id"
          + " where d.sessionId = b.sessionId and d.kind not in :but)")
  List<OfSession> whole(Long of, LocalDate from, LocalDate to, List<String> but);

  /** A child who writes is there, whatever was said before. */
  default void here(Long sessionId, Long pupilId) {
    findBySessionIdAndPupilId(sessionId, pupilId).ifPresent(p -> p.become(PaperRow.State.HERE));
  }
}
