package dettato.app.marking;

import jakarta.persistence.EntityManager;
import java.util.Collection;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;

/**
 * Puts writes about one child in order: a transaction holds the child's row, and raises the
 * revision by which readers see that what they know is old.
 */
@Component
@RequiredArgsConstructor
class ChildLock {
  private final EntityManager entities;

  /**
   * Holds these children until the transaction ends; always in one order, so none wait in a ring.
   */
  void hold(Collection<Long> pupils) {
    List<Long> ids = pupils.stream().distinct().sorted().toList();
    if (ids.size() > 1) {
      entities
          .createNativeQuery("select id from pupil where id in (:ids) order by id for update")
          .setParameter("ids", ids)
          .getResultList();
    }
    if (!ids.isEmpty()) {
      entities
          .createNativeQuery("update pupil set revision = revision + 1 where id in (:ids)")
          .setParameter("ids", ids)
          .executeUpdate();
    }
  }
}
