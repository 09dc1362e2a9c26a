package dettato.app.finding;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import dettato.app.language.Language;
import dettato.app.language.Languages;
import dettato.app.school.Pupil;
import dettato.app.school.SchoolClass;
import dettato.diagnose.Diagnosis;
import dettato.diagnose.Evidence;
import dettato.diagnose.Leaning;
import dettato.diagnose.Leanings;
import dettato.diagnose.Settings;
import dettato.diagnose.Standing;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/**
 * What is known of children. A record is kept until the child's revision rises, which the database
 * says: so that after a paper is typed one child is counted anew, and not the class.
 */
@Component
class ChildRecords {
  private static final int KEPT = 3_000;
  private static final int EXAMPLES = 6;
  static final int SHOWN = 24;

  private final StoredOutcomes outcomes;
  private final Languages languages;
  private final Cache<Key, Entry> known = Caffeine.newBuilder().maximumSize(KEPT).build();

  private record Key(long pupil, LocalDate asOf, int differentWords) {}

  private record Entry(long revision, ChildRecord record) {}

  ChildRecords(StoredOutcomes outcomes, Languages languages) {
    this.outcomes = outcomes;
    this.languages = languages;
  }

  static StoredOutcomes.Span span(SchoolClass of, LocalDate asOf) {
    return new StoredOutcomes.Span(asOf, Settings.USUAL.withDifferentWords(of.differentWords()));
  }

  /**
   * The records of a class's children. Each is read on a connection of its own, several at once: a
   * write between makes its revision old, so that it is counted again next time.
   */
  Map<Long, ChildRecord> of(SchoolClass of, LocalDate asOf) {
    List<Long> pupils = of.pupils().stream().map(Pupil::id).toList();
    Map<Long, Long> revisions = outcomes.revisions(pupils);
    return pupils.parallelStream()
        .collect(
            Collectors.toConcurrentMap(
                p -> p, p -> upToDate(p, revisions.getOrDefault(p, -1L), of, asOf)));
  }

  /** The record of one child. */
  ChildRecord one(long pupil, SchoolClass of, LocalDate asOf) {
    long revision = outcomes.revisions(List.of(pupil)).getOrDefault(pupil, -1L);
    return upToDate(pupil, revision, of, asOf);
  }

  /** Two who ask for the same child at once wait for one count. */
  private ChildRecord upToDate(long pupil, long revision, SchoolClass of, LocalDate asOf) {
    Key key = new Key(pupil, asOf, of.differentWords());
    Entry entry =
        known
            .asMap()
            .compute(
                key,
                (k, old) ->
                    old != null && old.revision == revision
                        ? old
                        : new Entry(revision, count(pupil, of, asOf)));
    return entry.record;
  }

  private ChildRecord count(long pupil, SchoolClass of, LocalDate asOf) {
    StoredOutcomes.Span span = span(of, asOf);
    return record(outcomes.of(pupil, span), languages.of(of.accent()), span);
  }

  private static ChildRecord record(
      StoredOutcomes.Shown shown, Language language, StoredOutcomes.Span span) {
    List<ChildRecord.Stands> standings =
        new Diagnosis(span.settings(), span.asOf())
            .standings(shown.kept, shown.other).stream().map(ChildRecords::stands).toList();
    List<Leaning> leanings =
        new Leanings(span.settings(), span.asOf())
            .of(shown.sounds(language::soundPlaces, span)).stream()
                .map(ChildRecords::withFewExamples)
                .toList();
    return new ChildRecord(
        standings, leanings, ChildRecord.Needs.of(shown.needs), shown.words, shown.from, shown.to);
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

  static StoredOutcomes.Sides sides(Standing.Kind kind) {
    return switch (kind) {
      case UNDER -> StoredOutcomes.Sides.UNDER;
      case OVER -> StoredOutcomes.Sides.OVER;
      case MIXED -> StoredOutcomes.Sides.ALL;
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
