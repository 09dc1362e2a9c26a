package dettato.app.session;

import java.time.LocalDate;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface SessionRows extends JpaRepository<SessionRow, Long> {
  /** Newest first. */
  @Query(
      "select s from SessionRow s where s.classId = :classId and s.removedAt is null"
          + " and s.givenOn between :from and :to order by s.givenOn desc, s.id desc")
  List<SessionRow> between(Long classId, LocalDate from, LocalDate to, Limit limit);
}
