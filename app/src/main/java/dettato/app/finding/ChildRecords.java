package dettato.app.finding;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import dettato.app.engine.Engines;
import dettato.app.outcome.ChildOutcomes;
import dettato.app.school.Pupil;
import dettato.app.school.SchoolClass;
import dettato.diagnose.Diagnosis;
import dettato.diagnose.Evidence;
import dettato.diagnose.Leaning;
import dettato.diagnose.Leanings;
import dettato.diagnose.Settings;
import dettato.diagnose.Standing;
import dettato.engine.Engine;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;

/**
 * What is known of children. A record is kept until the child's revision rises, which the database
 * says: so that after a paper is typed one child is counted anew, and not the class.
 */
@Component
@RequiredArgsConstructor
class ChildRecords {
  private static final int KEPT = 3_000;
  private static final int EXAMPLES = 6;
  private static final int COUNTING = 64;
  static final int SHOWN = 24;

  private final ChildOutcomes outcomes;
  private final Engines engines;
  private final Cache<Key, Entry> known = Caffeine.newBuilder().maximumSize(KEPT).build();
  private final Object[] counting =
      IntStream.range(0, COUNTING).mapToObj(i -> new Object()).toArray();

  private record Key(long pupil, LocalDate asOf, int differentWords) {}

  private record Entry(long revision, ChildRecord record) {}

  static ChildOutcomes.Span span(SchoolClass of, LocalDate asOf) {
    return new ChildOutcomes.Span(asOf, Settings.USUAL.withDifferentWords(of.differentWords()));
  }

  /** The records of a class's children. */
  Map<Long, ChildRecord> of(SchoolClass of, LocalDate asOf) {
    return upToDate(of.pupils().stream().map(Pupil::id).toList(), of, asOf);
  }

  /** The record of one child. */
  ChildRecord one(long pupil, SchoolClass of, LocalDate asOf) {
    return Objects.requireNonNull(upToDate(List.of(pupil), of, asOf).get(pupil));
  }

  /**
   * Children whose revision has risen are read all at once, on the connection of whoever asks: who
   * would ask for more connections while holding one could wait for each other. Two who ask for the
   * same class at once wait for one count. A write between makes a revision old, so that its child
   * is counted again next time.
   */
  private Map<Long, ChildRecord> upToDate(List<Long> pupils, SchoolClass of, LocalDate asOf) {
    synchronized (counting[(int) Math.floorMod(of.id(), (long) COUNTING)]) {
      Map<Long, Long> revisions = outcomes.revisions(pupils);
      Map<Long, ChildRecord> records = new HashMap<>();
      Map<Long, Key> keys = new HashMap<>();
      for (long pupil : pupils) {
        Key key = new Key(pupil, asOf, of.differentWords());
        Entry entry = known.getIfPresent(key);
        if (entry != null && entry.revision == revisions.getOrDefault(pupil, -1L)) {
          records.put(pupil, entry.record);
        } else {
          keys.put(pupil, key);
        }
      }
      counted(keys.keySet(), of, asOf)
          .forEach(
              (pupil, record) -> {
                long revision = revisions.getOrDefault(pupil, -1L);
                known.put(Objects.requireNonNull(keys.get(pupil)), new Entry(revision, record));
                records.put(pupil, record);
              });
      return records;
    }
  }

  private Map<Long, ChildRecord> counted(Set<Long> pupils, SchoolClass of, LocalDate asOf) {
    ChildOutcomes.Span span = span(of, asOf);
    Engine engine = engines.of(of.accent());
    return outcomes.of(pupils, span).entrySet().parallelStream()
        .collect(
            Collectors.toConcurrentMap(Map.Entry::getKey, e -> record(e.getValue(), engine, span)));
  }

  private static ChildRecord record(
      ChildOutcomes.Shown shown, Engine engine, ChildOutcomes.Span span) {
    List<ChildRecord.Stands> standings =
        new Diagnosis(span.settings(), span.asOf())
            .standings(shown.kept(), shown.other()).stream().map(ChildRecords::stands).toList();
    List<Leaning> leanings =
        new Leanings(span.settings(), span.asOf())
            .of(shown.sounds(engine::soundPlaces, span)).stream()
                .map(ChildRecords::withFewExamples)
                .toList();
    return new ChildRecord(
        standings,
        leanings,
        ChildRecord.Needs.of(shown.needs()),
        shown.words(),
        shown.from(),
        shown.to());
  }

  private static ChildRecord.Stands stands(Standing s) {
    List<Evidence> failed = s.failed();
    return new ChildRecord.Stands(
        s.rule(),
        s.state(),
        s.kind(),
        s.probability(),
        s.opportunities(),
        s.failures(),
        s.broken(),
        s.kept(),
        s.wouldChange(),
        s.isPattern() ? List.copyOf(failed.subList(0, Math.min(SHOWN, failed.size()))) : List.of());
  }

  static ChildOutcomes.Sides sides(Standing.Kind kind) {
    return switch (kind) {
      case UNDER -> ChildOutcomes.Sides.UNDER;
      case OVER -> ChildOutcomes.Sides.OVER;
      case MIXED -> ChildOutcomes.Sides.ALL;
    };
  }

  private static Leaning withFewExamples(Leaning l) {
    return new Leaning(
        l.kind(),
        l.sound(),
        l.written(),
        l.opportunities(),
        l.failures(),
        l.probability(),
        l.isPattern(),
        l.examples().subList(0, Math.min(EXAMPLES, l.examples().size())),
        l.wouldChange());
  }
}
