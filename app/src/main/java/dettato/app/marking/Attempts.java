package dettato.app.marking;

import dettato.app.account.Teacher;
import dettato.app.language.Language;
import dettato.app.language.Languages;
import dettato.app.school.SchoolClass;
import dettato.app.web.Problem;
import dettato.diagnose.Evidence;
import dettato.diagnose.Leanings;
import dettato.diagnose.Need;
import dettato.mark.AttemptMarker;
import dettato.mark.Mark;
import dettato.mark.Result;
import dettato.rule.Outcome;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.LongFunction;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Attempts: facts as typed, marks derived from them and kept with the core's version, and the
 * teacher's overrides, which win and are never lost.
 */
@Service
public class Attempts {
  private static final Set<String> NOT_COUNTED =
      Set.of(Result.RIGHT.name(), Result.BLANK.name(), Result.ABSENT.name());

  private final AttemptRows attempts;
  private final MarkRows marks;
  private final OverrideRows overrides;
  private final Languages languages;
  private final Clock clock;

  Attempts(
      AttemptRows attempts,
      MarkRows marks,
      OverrideRows overrides,
      Languages languages,
      Clock clock) {
    this.attempts = attempts;
    this.marks = marks;
    this.overrides = overrides;
    this.languages = languages;
    this.clock = clock;
  }

  /** How an attempt stands: written (also right), blank, away, or not readable for sure. */
  public enum State {
    WRITTEN,
    BLANK,
    ABSENT,
    UNSURE
  }

  /**
   * An attempt with its mark, as screens show it.
   *
   * @param override the teacher's own result, when there is one
   */
  public record Cell(
      long attemptId,
      long pupilId,
      long itemId,
      String written,
      State state,
      @Nullable MarkView mark,
      @Nullable String override) {}

  /** An attempt to keep. */
  public record Entry(
      long pupilId,
      @Nullable Long itemId,
      LocalDate date,
      String target,
      String written,
      State state) {}

  /** One attempt with what was derived from it, for exports and findings. */
  public record Marked(
      long pupilId,
      LocalDate date,
      String target,
      String written,
      State state,
      String result,
      List<MarkRow.RuleOutcome> outcomes) {

    /**
     * What it shows about rules; nothing when it was not written for sure or was overridden as
     * right.
     */
    public List<Evidence> evidence() {
      return outcomes.stream()
          .map(o -> new Evidence(date, target, written, o.rule(), o.side(), o.outcome()))
          .toList();
    }

    /** What it needs first; nothing when it is right or was not written for sure. */
    public Optional<Need> need() {
      return state == State.WRITTEN
          ? Need.of(
              Result.valueOf(result),
              outcomes.stream()
                  .filter(o -> o.outcome().isFailure())
                  .map(MarkRow.RuleOutcome::rule)
                  .toList())
          : Optional.empty();
    }

    /** The outcomes as one text: rule=OUTCOME, separated by spaces. */
    public String ruleText() {
      return outcomes.stream()
          .map(o -> o.rule() + "=" + o.outcome())
          .collect(Collectors.joining(" "));
    }
  }

  /** Keeps an attempt at an item, replacing what was there; on disk when this returns. */
  @Transactional
  public Cell save(Entry entry, SchoolClass of) {
    AttemptRow row =
        Optional.ofNullable(entry.itemId())
            .flatMap(item -> attempts.findByPupilIdAndItemId(entry.pupilId(), item))
            .orElseGet(() -> row(entry, of));
    row.rewrite(entry.written(), entry.state().name());
    attempts.save(row);
    Language language = languages.of(of.accent());
    Optional<Mark> mark = mark(row, language);
    mark.ifPresent(m -> marks.save(new MarkRow(row.id(), AttemptMarker.VERSION, m)));
    if (mark.isEmpty()) {
      marks.deleteById(row.id());
    }
    return cell(row, latest(List.of(row.id())), language);
  }

  /** Takes an attempt back: the cell is empty again. */
  @Transactional
  public void clear(long pupilId, long itemId) {
    attempts.findByPupilIdAndItemId(pupilId, itemId).ifPresent(attempts::delete);
  }

  /** Keeps attempts from elsewhere; what is there already stays. Returns how many were new. */
  @Transactional
  public int add(List<Entry> entries, SchoolClass of) {
    Language language = languages.of(of.accent());
    List<AttemptRow> fresh = new ArrayList<>();
    Set<List<Object>> known = new HashSet<>();
    attempts
        .findByClassIdOrderByWrittenOnAscIdAsc(of.id())
        .forEach(a -> known.add(key(a.pupilId(), a.writtenOn(), a.target(), a.written())));
    for (Entry e : entries) {
      if (known.add(key(e.pupilId(), e.date(), e.target(), e.written()))) {
        fresh.add(row(e, of));
      }
    }
    attempts.saveAll(fresh);
    List<MarkRow> derived = new ArrayList<>();
    for (AttemptRow row : fresh) {
      mark(row, language)
          .ifPresent(m -> derived.add(new MarkRow(row.id(), AttemptMarker.VERSION, m)));
    }
    marks.saveAll(derived);
    return fresh.size();
  }

  private static List<Object> key(long pupilId, LocalDate date, String target, String written) {
    return List.of(pupilId, date, target, written);
  }

  /** The cells of these items, for every child who has one. */
  @Transactional(readOnly = true)
  public List<Cell> cells(List<Long> itemIds, SchoolClass of) {
    List<AttemptRow> rows = attempts.findByItemIdIn(itemIds);
    Map<Long, OverrideRow> latest = latest(rows.stream().map(AttemptRow::id).toList());
    Language language = languages.of(of.accent());
    return rows.stream().map(r -> cell(r, latest, language)).toList();
  }

  /** All attempts of a class with their derived results, oldest first; overrides applied. */
  @Transactional(readOnly = true)
  public List<Marked> marked(SchoolClass of) {
    List<AttemptRow> rows = attempts.findByClassIdOrderByWrittenOnAscIdAsc(of.id());
    List<Long> ids = rows.stream().map(AttemptRow::id).toList();
    Map<Long, MarkRow> derived = new HashMap<>();
    marks.findAllById(ids).forEach(m -> derived.put(m.attemptId(), m));
    Map<Long, OverrideRow> latest = latest(ids);
    return rows.stream()
        .map(r -> marked(r, Optional.ofNullable(derived.get(r.id())), latest.get(r.id())))
        .toList();
  }

  /**
   * What children wrote, marked, oldest first, by child; without what the teacher counts as right
   * or not at all.
   *
   * @param pupilIds whose
   */
  @Transactional(readOnly = true)
  public Map<Long, List<Leanings.Sample>> samples(SchoolClass of, Collection<Long> pupilIds) {
    Language language = languages.of(of.accent());
    List<AttemptRow> rows =
        attempts.findByPupilIdInAndStateOrderByWrittenOnAscIdAsc(pupilIds, State.WRITTEN.name());
    Map<Long, OverrideRow> latest = latest(rows.stream().map(AttemptRow::id).toList());
    Map<Long, List<Leanings.Sample>> samples = new HashMap<>();
    rows.stream()
        .filter(r -> stands(latest.get(r.id())))
        .forEach(
            r ->
                mark(r, language)
                    .map(m -> new Leanings.Sample(r.writtenOn(), m))
                    .ifPresent(
                        sample ->
                            samples
                                .computeIfAbsent(r.pupilId(), p -> new ArrayList<>())
                                .add(sample)));
    return samples;
  }

  private static boolean stands(@Nullable OverrideRow own) {
    return own == null || !NOT_COUNTED.contains(own.result());
  }

  /** Records the teacher's own judgement of an attempt of her class. */
  @Transactional
  public Cell override(
      long attemptId, Result result, String note, SchoolClass of, Teacher teacher) {
    AttemptRow row =
        attempts
            .findById(attemptId)
            .filter(a -> a.classId().equals(of.id()))
            .orElseThrow(
                () -> Problem.notFound("There is no attempt " + attemptId + " in this class."));
    overrides.save(new OverrideRow(attemptId, teacher.id(), clock.instant(), result.name(), note));
    return cell(row, latest(List.of(attemptId)), languages.of(of.accent()));
  }

  /** The class that an attempt belongs to. */
  @Transactional(readOnly = true)
  public long classOf(long attemptId) {
    return attempts
        .findById(attemptId)
        .map(AttemptRow::classId)
        .orElseThrow(() -> Problem.notFound("There is no attempt " + attemptId + "."));
  }

  private AttemptRow row(Entry e, SchoolClass of) {
    return new AttemptRow(
        of.id(), e.pupilId(), e.itemId(), e.date(), e.target(), e.written(), e.state().name());
  }

  private static Optional<Mark> mark(AttemptRow row, Language language) {
    State state = State.valueOf(row.state());
    return state == State.ABSENT || state == State.UNSURE
        ? Optional.empty()
        : Optional.of(language.marker().mark(language.word(row.target()), row.written()));
  }

  private Map<Long, OverrideRow> latest(List<Long> attemptIds) {
    Map<Long, OverrideRow> latest = new HashMap<>();
    overrides.findByAttemptIdInOrderById(attemptIds).forEach(o -> latest.put(o.attemptId(), o));
    return latest;
  }

  private static Cell cell(AttemptRow row, Map<Long, OverrideRow> latest, Language language) {
    OverrideRow own = latest.get(row.id());
    Long item = row.itemId();
    return new Cell(
        row.id(),
        row.pupilId(),
        item == null ? 0 : item,
        row.written(),
        State.valueOf(row.state()),
        mark(row, language).map(m -> MarkView.of(m, row.target(), language)).orElse(null),
        own == null ? null : own.result());
  }

  private static Marked marked(AttemptRow row, Optional<MarkRow> mark, @Nullable OverrideRow own) {
    State state = State.valueOf(row.state());
    String derived =
        mark.map(MarkRow::result).orElse(state == State.ABSENT ? Result.ABSENT.name() : "");
    List<MarkRow.RuleOutcome> outcomes = mark.map(MarkRow::outcomes).orElse(List.of());
    return new Marked(
        row.pupilId(),
        row.writtenOn(),
        row.target(),
        row.written(),
        state,
        own == null ? derived : own.result(),
        own == null ? outcomes : counted(outcomes, Result.valueOf(own.result())));
  }

  /** What an attempt says of the rules when the teacher has judged it herself. */
  private static List<MarkRow.RuleOutcome> counted(List<MarkRow.RuleOutcome> outcomes, Result own) {
    return switch (own) {
      case RIGHT ->
          outcomes.stream()
              .map(o -> new MarkRow.RuleOutcome(o.rule(), o.side(), Outcome.APPLIED))
              .toList();
      case BLANK, ABSENT -> List.of();
      case READS_RIGHT, READS_OTHERWISE, SOUND_ERROR -> outcomes;
    };
  }

  /** Marks anew the attempts at these words, whose cut has changed. */
  @Transactional
  public void remark(Set<String> targets, LongFunction<String> accentOfClass) {
    attempts.findByTargetIn(targets).forEach(row -> remark(row, accentOfClass));
  }

  private void remark(AttemptRow row, LongFunction<String> accentOfClass) {
    mark(row, languages.of(accentOfClass.apply(row.classId())))
        .ifPresent(m -> marks.save(new MarkRow(row.id(), AttemptMarker.VERSION, m)));
  }

  /** Marks anew what an older core has marked. Returns how many. */
  @Transactional
  public int remarkOld(LongFunction<String> accentOfClass) {
    List<Long> old =
        marks.findByVersionNot(AttemptMarker.VERSION).stream().map(MarkRow::attemptId).toList();
    attempts.findAllById(old).forEach(row -> remark(row, accentOfClass));
    return old.size();
  }
}
