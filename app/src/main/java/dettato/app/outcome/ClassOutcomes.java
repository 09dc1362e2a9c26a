package dettato.app.outcome;

import dettato.plan.Review;
import jakarta.persistence.EntityManager;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What the children of a class wrote over a while, word by word and sound by sound. */
@Component
@RequiredArgsConstructor
public class ClassOutcomes {
  private static final String MISSED = "sum(case when w.need is null then 0 else 1 end)";

  private final EntityManager entities;

  private record AskedOn(String target, Integer onDay, Long asked, Long missed) {}

  /**
   * Words asked alone, day by day; what stood in sentences was not asked for itself.
   *
   * @param but ids of kinds whose words do not count
   */
  @Transactional(readOnly = true)
  public List<Review.Met> met(
      Collection<Long> pupils, LocalDate from, LocalDate to, Collection<String> but) {
    return entities
        .createQuery(
            "select w.target, w.onDay, count(*), "
                + MISSED
                + " from PupilRow p join AttemptRow a on a.pupilId = p.id"
                + " and a.writtenOn between :from and :to"
                + " join WordRow w on w.at.attemptId = a.id where p.id in :pupils"
                + " and w.counted = true and a.kind not in :but group by w.target, w.onDay",
            AskedOn.class)
        .setParameter("pupils", pupils)
        .setParameter("from", from)
        .setParameter("to", to)
        .setParameter("but", but)
        .getResultStream()
        .map(
            m ->
                new Review.Met(
                    m.target,
                    LocalDate.ofEpochDay(m.onDay),
                    Math.toIntExact(m.asked),
                    Math.toIntExact(m.missed)))
        .toList();
  }

  private record SoundOff(String sound, Long times) {}

  /** Ids of the sounds that were written otherwise most often, at most so many. */
  @Transactional(readOnly = true)
  public List<String> soundsMissed(
      Collection<Long> pupils, LocalDate from, LocalDate to, int most) {
    return entities
        .createQuery(
            "select u.sound, count(*) from PupilRow p join UnitRow u on u.pupilId = p.id"
                + " and u.counted = true and u.onDay between :from and :to"
                + " where p.id in :pupils group by u.sound order by count(*) desc, u.sound",
            SoundOff.class)
        .setParameter("pupils", pupils)
        .setParameter("from", Math.toIntExact(from.toEpochDay()))
        .setParameter("to", Math.toIntExact(to.toEpochDay()))
        .setMaxResults(most)
        .getResultStream()
        .map(SoundOff::sound)
        .toList();
  }

  /**
   * How a class wrote a word of one kind of block on a day.
   *
   * @param papers how many have it, {@code missed} how many of them not right
   */
  public record Written(String target, LocalDate on, Long papers, Long missed) {}

  /** The words of one kind of block in a class's sessions, up to a day. */
  @Transactional(readOnly = true)
  public List<Written> written(long classId, String kind, LocalDate upTo) {
    return entities
        .createQuery(
            "select a.target, a.writtenOn, count(*), "
                + MISSED
                + " from SessionRow s join BlockRow b on b.sessionId = s.id"
                + " join ItemRow i on i.blockId = b.id join AttemptRow a on a.itemId = i.id"
                + " join WordRow w on w.at.attemptId = a.id"
                + " where s.classId = :of and b.kind = :kind and a.writtenOn <= :upTo"
                + " group by a.target, a.writtenOn",
            Written.class)
        .setParameter("of", classId)
        .setParameter("kind", kind)
        .setParameter("upTo", upTo)
        .getResultList();
  }
}
