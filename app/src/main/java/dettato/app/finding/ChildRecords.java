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
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

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

  /** The records of a class's children. */
  @Transactional(readOnly = true)
  public Map<Long, ChildRecord> of(SchoolClass of, LocalDate asOf) {
    return of(of.pupils().stream().map(Pupil::id).toList(), of, asOf);
  }

  /** The record of one child. */
  @Transactional(readOnly = true)
  public ChildRecord one(long pupil, SchoolClass of, LocalDate asOf) {
    return java.util.Objects.requireNonNull(of(List.of(pupil), of, asOf).get(pupil));
  }

  private Map<Long, ChildRecord> of(Collection<Long> pupils, SchoolClass of, LocalDate asOf) {
    Map<Long, Long> revisions = outcomes.revisions(pupils);
    Map<Long, ChildRecord> records = new HashMap<>();
    List<Long> old = new ArrayList<>();
    for (long pupil : pupils) {
      Entry entry = known.getIfPresent(new Key(pupil, asOf, of.differentWords()));
      if (entry != null && entry.revision == revisions.getOrDefault(pupil, -1L)) {
        records.put(pupil, entry.record);
      } else {
        old.add(pupil);
      }
    }
    StoredOutcomes.Span span = span(of, asOf);
    Language language = languages.of(of.accent());
    outcomes
        .of(old, span)
        .forEach(
            (pupil, shown) -> {
              ChildRecord record = record(shown, language, span);
              records.put(pupil, record);
              known.put(
                  new Key(pupil, asOf, of.differentWords()),
                  new Entry(revisions.getOrDefault(pupil, -1L), record));
            });
    return records;
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
