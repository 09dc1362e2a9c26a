package dettato.app.need;

import dettato.plan.Timing;
import jakarta.persistence.EntityManager;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;

/** How long the blocks of a class's sessions took. */
@Component
@RequiredArgsConstructor
public class Timings {
  /** Older runs say little of how the class works now. */
  private static final int NEWEST = 120;

  private final EntityManager entities;

  /** What is learnt of a class. */
  public Timing of(long classId) {
    List<Timing.Run> newestFirst =
        entities
            .createQuery(
                "select new dettato.plan.Timing$Run(b.kind, b.plannedSeconds, b.tookSeconds) from SessionRow s"
                    + " join BlockRow b on b.sessionId = s.id where s.classId = :of"
                    + " and s.removedAt is null and b.tookSeconds is not null"
                    + " order by s.givenOn desc, b.id desc",
                Timing.Run.class)
            .setParameter("of", classId)
            .setMaxResults(NEWEST)
            .getResultList();
    return new Timing(
        java.util.stream.IntStream.range(0, newestFirst.size())
            .mapToObj(i -> newestFirst.get(newestFirst.size() - 1 - i))
            .toList());
  }
}
