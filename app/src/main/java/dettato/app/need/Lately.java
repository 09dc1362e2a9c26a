package dettato.app.need;

import dettato.activity.Activities;
import dettato.prompt.Prompt;
import dettato.session.SessionFiller;
import jakarta.persistence.EntityManager;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.Set;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;

/** What sessions of a class asked before a day, or will ask just after it. */
@Component
@RequiredArgsConstructor
public class Lately {
  /** Nothing is asked twice within so many days, unless it is review. */
  private static final int RECENT_DAYS = 14;

  /** An assessment asks nothing that was practised within so many. */
  private static final int PRACTISED_DAYS = 42;

  private final Activities book;
  private final EntityManager entities;

  private record Asked(String kind, Prompt prompt) {}

  /**
   * Texts and words that are not to be asked again yet.
   *
   * @param but a session that does not count; 0 for none
   */
  public Set<String> recent(long classId, LocalDate on, long but) {
    return asked(classId, on.minusDays(RECENT_DAYS), on.plusDays(RECENT_DAYS), but);
  }

  /** Texts and words that an assessment leaves out. */
  public Set<String> practised(long classId, LocalDate on, long but) {
    return asked(classId, on.minusDays(PRACTISED_DAYS), on, but);
  }

  private Set<String> asked(long classId, LocalDate from, LocalDate to, long but) {
    Set<String> asked = new HashSet<>();
    entities
        .createQuery(
            "select b.kind, i.prompt from SessionRow s join BlockRow b on b.sessionId = s.id"
                + " join ItemRow i on i.blockId = b.id where s.classId = :of"
                + " and s.removedAt is null and s.givenOn between :from and :to and s.id <> :but",
            Asked.class)
        .setParameter("of", classId)
        .setParameter("from", from)
        .setParameter("to", to)
        .setParameter("but", but)
        .getResultList()
        .forEach(a -> asked.addAll(SessionFiller.asked(book.of(a.kind), a.prompt)));
    return asked;
  }
}
