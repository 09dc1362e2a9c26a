package dettato.app.session;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ItemRows extends JpaRepository<ItemRow, Long> {
  /** What an item asks, and the kind of its block. */
  record ItemOfSession(String kind, String text) {}

  @Query(
      "select new dettato.app.session.ItemRows$ItemOfSession(b.kind, i.text) from ItemRow i"
          + " join BlockRow b on b.id = i.blockId where i.id = :item and b.sessionId = :session")
  Optional<ItemOfSession> asked(Long session, Long item);

  List<ItemRow> findByBlockIdInOrderByPlace(Collection<Long> blockIds);
}
