package dettato.app.outcome;

import dettato.diagnose.Evidence;
import dettato.diagnose.Kept;
import dettato.diagnose.Need;
import dettato.diagnose.Settings;
import dettato.diagnose.SoundPlace;
import dettato.diagnose.SoundRecord;
import dettato.mark.UnitMark;
import dettato.mark.Verdict;
import dettato.rule.Outcome;
import dettato.rule.Side;
import jakarta.persistence.EntityManager;
import jakarta.persistence.TypedQuery;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Counts stored outcomes of children over the days that still weigh. Whatever was as it should be
 * is grouped and weighted in the database; the rest, some few in a hundred, is told one by one.
 */
@Component
public class ChildOutcomes {
  /** Weights are summed as whole millionths: H2 sums fractions, and reads 1e6, as decimals. */
  private static final double PARTS = 1_000_000;

  /** Half for every half-life of age; cast, since a database may divide whole days as whole. */
  private static final String WEIGHT =
      "sum(cast(cast(1000000 as Double)"
          + " * power(2, cast(o.onDay - :asOf as Double) / :halfLife) as Integer))";

  private static final String THEIRS =
      " where o.pupilId in :pupils and o.onDay between :since and :asOf";

  private final EntityManager entities;

  ChildOutcomes(EntityManager entities) {
    this.entities = entities;
  }

  /** Days that are looked at, and how they weigh. */
  public record Span(LocalDate asOf, Settings settings) {
    private <T> TypedQuery<T> in(TypedQuery<T> query, Collection<Long> pupils) {
      return query
          .setParameter("pupils", pupils)
          .setParameter("since", day(settings.since(asOf)))
          .setParameter("asOf", day(asOf));
    }

    private double halfLife() {
      return settings.halfLifeDays();
    }
  }

  /** How often a word was asked, and what that weighs. */
  private record WordCount(String target, int count, double weight) {}

  /** What a child has shown. */
  public static final class Shown {
    private final List<Kept> kept = new ArrayList<>();
    private final List<Evidence> other = new ArrayList<>();
    private final List<WordCount> asked = new ArrayList<>();
    private final List<SoundRecord.Off> off = new ArrayList<>();
    private final Map<Need, Integer> needs = new EnumMap<>(Need.class);
    private int words;
    private @Nullable LocalDate from;
    private @Nullable LocalDate to;

    /** Places where a rule was kept, counted. */
    public List<Kept> kept() {
      return kept;
    }

    /** The other places, one by one. */
    public List<Evidence> other() {
      return other;
    }

    /** How many words need what. */
    public Map<Need, Integer> needs() {
      return needs;
    }

    public int words() {
      return words;
    }

    /** The first day; null when nothing was written. */
    public @Nullable LocalDate from() {
      return from;
    }

    public @Nullable LocalDate to() {
      return to;
    }

    /** What was written for each sound; {@code places} has those of a word. */
    public SoundRecord sounds(Function<String, List<SoundPlace>> places, Span span) {
      return SoundRecord.of(
          asked.stream()
              .map(a -> new SoundRecord.Asked(a.target, places.apply(a.target), a.count, a.weight))
              .toList(),
          off,
          span.settings,
          span.asOf);
    }

    private void add(Words some) {
      words += Math.toIntExact(some.n);
      if (some.need != null) {
        needs.put(some.need, Math.toIntExact(some.n));
      }
      LocalDate first = LocalDate.ofEpochDay(some.first);
      LocalDate last = LocalDate.ofEpochDay(some.last);
      from = from == null || first.isBefore(from) ? first : from;
      to = to == null || last.isAfter(to) ? last : to;
    }
  }

  private record KeptThere(
      Long pupil, String rule, String condition, Side side, Long n, Long weight) {}

  private record Failed(
      Long pupil,
      Integer onDay,
      String target,
      String attempt,
      String rule,
      String condition,
      Side side,
      Outcome outcome) {
    private Evidence evidence() {
      return new Evidence(
          LocalDate.ofEpochDay(onDay), target, attempt, rule, condition, side, outcome);
    }
  }

  private record Asked(Long pupil, String target, Long n, Long weight) {}

  private record Off(
      Long pupil,
      Integer onDay,
      String target,
      Integer unit,
      String attempt,
      String sound,
      String due,
      String openTo,
      String written,
      Verdict verdict,
      @Nullable String confusion) {
    private SoundRecord.Off told() {
      return new SoundRecord.Off(
          LocalDate.ofEpochDay(onDay),
          target,
          unit,
          attempt,
          new SoundPlace(sound, due, openTo),
          new UnitMark(written, verdict, Optional.ofNullable(confusion)));
    }
  }

  private record Words(Long pupil, @Nullable Need need, Long n, Integer first, Integer last) {}

  /** What children have shown over the days that weigh; each of them is there. */
  @Transactional(readOnly = true)
  public Map<Long, Shown> of(Collection<Long> pupils, Span span) {
    Map<Long, Shown> all = new HashMap<>();
    pupils.forEach(p -> all.put(p, new Shown()));
    if (pupils.isEmpty()) {
      return all;
    }
    Function<Long, Shown> of = pupil -> Objects.requireNonNull(all.get(pupil));
    ask(
            "select o.pupilId, o.rule, coalesce(o.condition, ''), o.side, count(*), "
                + WEIGHT
                + " from RuleRow o"
                + THEIRS
                + " and o.kept = true group by o.pupilId, o.rule, o.condition, o.side",
            KeptThere.class,
            pupils,
            span)
        .setParameter("halfLife", span.halfLife())
        .getResultList()
        .forEach(
            k ->
                of.apply(k.pupil)
                    .kept
                    .add(
                        new Kept(
                            k.rule, k.condition, k.side, Math.toIntExact(k.n), k.weight / PARTS)));
    ask(
            "select o.pupilId, o.onDay, o.target, o.attempt, o.rule, coalesce(o.condition, ''),"
                + " o.side, o.outcome from RuleRow o"
                + THEIRS
                + " and o.kept = false order by o.at.attemptId, o.at.word, o.at.place",
            Failed.class,
            pupils,
            span)
        .getResultList()
        .forEach(f -> of.apply(f.pupil).other.add(f.evidence()));
    ask(
            "select o.pupilId, o.target, count(*), "
                + WEIGHT
                + " from WordRow o"
                + THEIRS
                + " and o.counted = true group by o.pupilId, o.target",
            Asked.class,
            pupils,
            span)
        .setParameter("halfLife", span.halfLife())
        .getResultList()
        .forEach(
            a ->
                of.apply(a.pupil)
                    .asked
                    .add(new WordCount(a.target, Math.toIntExact(a.n), a.weight / PARTS)));
    ask(
            "select o.pupilId, o.onDay, o.target, o.at.unit, o.attempt, o.sound, o.due, o.openTo,"
                + " o.written, o.verdict, o.confusion from UnitRow o"
                + THEIRS
                + " and o.counted = true order by o.at.attemptId, o.at.word, o.at.unit",
            Off.class,
            pupils,
            span)
        .getResultList()
        .forEach(o -> of.apply(o.pupil).off.add(o.told()));
    ask(
            "select o.pupilId, o.need, count(*), min(o.onDay), max(o.onDay) from WordRow o"
                + THEIRS
                + " group by o.pupilId, o.need",
            Words.class,
            pupils,
            span)
        .getResultList()
        .forEach(w -> of.apply(w.pupil).add(w));
    return all;
  }

  private <T> TypedQuery<T> ask(String hql, Class<T> row, Collection<Long> pupils, Span span) {
    return span.in(entities.createQuery(hql, row), pupils);
  }

  private static int day(LocalDate date) {
    return Math.toIntExact(date.toEpochDay());
  }

  private record Revision(Long pupil, Long revision) {}

  /** The revision of what is known of each child; it rises with every write about the child. */
  @Transactional(readOnly = true)
  public Map<Long, Long> revisions(Collection<Long> pupils) {
    return pupils.isEmpty()
        ? Map.of()
        : entities
            .createQuery(
                "select p.id, p.revision from PupilRow p where p.id in :pupils", Revision.class)
            .setParameter("pupils", pupils)
            .getResultStream()
            .collect(Collectors.toMap(Revision::pupil, Revision::revision));
  }

  /** The newest places that tested a rule of a child, at most so many, those of one side only. */
  @Transactional(readOnly = true)
  public List<Evidence> newest(long pupil, String rule, Sides sides, Span span, int most) {
    return ask(
            "select o.pupilId, o.onDay, w.target, w.attempt, o.rule, coalesce(o.condition, ''),"
                + " o.side, o.outcome from RuleRow o join WordRow w"
                + " on w.at.attemptId = o.at.attemptId and w.at.word = o.at.word"
                + THEIRS
                + " and o.kept in (true, false) and o.rule = :rule"
                + sides.asked
                + " order by o.onDay desc, o.at.attemptId desc, o.at.word, o.at.place",
            Failed.class,
            List.of(pupil),
            span)
        .setParameter("rule", rule)
        .setMaxResults(most)
        .getResultStream()
        .map(Failed::evidence)
        .toList();
  }

  /** Which places a finding is about. */
  public enum Sides {
    UNDER(" and (o.outcome = UNDER or o.side = DUE and o.kept = true)"),
    OVER(" and (o.outcome = OVER or o.side = NOT_DUE and o.kept = true)"),
    ALL(" and o.outcome <> UNTESTED");

    private final String asked;

    Sides(String asked) {
      this.asked = asked;
    }
  }
}
