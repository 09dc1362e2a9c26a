package dettato.app.session;

import dettato.prompt.Prompt;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ItemRows extends JpaRepository<ItemRow, Long> {
  /**
   * What an item of a session asks, and of whom.
   *
   * @param paper of the child who answers; null while nothing is known of it
   */
  record ItemOfSession(
      long classId,
      LocalDate givenOn,
      String kind,
      Prompt prompt,
      PaperRow.@Nullable State paper) {}

  /** Looked up whole, since it is with every key; empty too for a session that was removed. */
  @Query(
      "select new dettato.app.session.ItemRows$ItemOfSession(s.classId, s.givenOn, b.kind, i.prompt, p.state)"
          + " from ItemRow i join BlockRow b on b.id = i.blockId"
          + " join SessionRow s on s.id = b.sessionId"
          + " left join PaperRow p on p.sessionId = s.id and p.pupilId = :pupil"
          + " where i.id = :item and s.id = :session and s.removedAt is null")
  Optional<ItemOfSession> asked(Long session, Long item, Long pupil);

  /** With who stumbled on them, in one look. */
  @EntityGraph(attributePaths = "stumblers")
  List<ItemRow> findByBlockIdInOrderByPlace(Collection<Long> blockIds);
}
