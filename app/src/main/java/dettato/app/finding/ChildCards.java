package dettato.app.finding;

import com.fasterxml.jackson.annotation.JsonInclude;
import dettato.app.outcome.ChildOutcomes;
import dettato.app.school.SchoolClass;
import dettato.app.terms.Prose;
import dettato.diagnose.Leaning;
import dettato.diagnose.Standing;
import dettato.mark.Confusions;
import dettato.rule.RuleBook;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.sound.Sounds;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** One child: what is written for each sound, what misspellings need, what a cell rests on. */
@Service
@RequiredArgsConstructor
class ChildCards {
  private final ChildRecords records;
  private final ChildOutcomes outcomes;

  /**
   * One leaning.
   *
   * @param sound in the class's accent, IPA
   * @param keyword a word to know the sound by; "" for a run of sounds
   * @param written the grapheme written where another was due; "" for a confusion
   * @param label what it is, in a few words
   * @param pattern whether it is more than a slip
   */
  record LeaningView(
      Leaning.Kind kind,
      String sound,
      String keyword,
      String written,
      @Prose String label,
      int opportunities,
      int failures,
      double probability,
      boolean pattern,
      List<ChildRecord.EvidenceView> examples,
      @Prose String wouldChange) {}

  record ChildSounds(List<LeaningView> leanings, ChildRecord.Needs needs) {}

  /**
   * What a cell of the map rests on.
   *
   * @param standing null when no word has tested the rule
   * @param evidence the newest places, at most {@link ChildRecords#SHOWN}
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record CellEvidence(
      String rule,
      @Prose String ruleName,
      @Nullable StandingView standing,
      List<ChildRecord.EvidenceView> evidence) {}

  /** Where a child stands with a rule. */
  record StandingView(
      Standing.State state,
      Standing.Kind kind,
      double probability,
      int opportunities,
      int failures,
      List<ConditionCount> broken,
      List<ConditionCount> kept,
      @Prose String wouldChange) {}

  ChildSounds sounds(SchoolClass of, long pupilId, LocalDate asOf) {
    Accent accent = Accents.of(of.accent());
    ChildRecord record = records.one(pupilId, of, asOf);
    return new ChildSounds(
        record.leanings().stream().map(l -> view(l, accent)).toList(), record.needs());
  }

  @Transactional(readOnly = true)
  public CellEvidence evidence(SchoolClass of, long pupilId, String rule, LocalDate asOf) {
    String name = RuleBook.of(rule).about().name();
    Optional<ChildRecord.Stands> stands =
        records.one(pupilId, of, asOf).standings().stream()
            .filter(s -> s.rule().equals(rule))
            .findFirst();
    return new CellEvidence(
        rule,
        name,
        stands.map(ChildCards::view).orElse(null),
        stands
            .map(
                s ->
                    outcomes.newest(
                        pupilId,
                        rule,
                        ChildRecords.sides(s.kind()),
                        ChildRecords.span(of, asOf),
                        ChildRecords.SHOWN))
            .orElse(List.of())
            .stream()
            .map(ChildRecord.EvidenceView::of)
            .toList());
  }

  private static StandingView view(ChildRecord.Stands s) {
    return new StandingView(
        s.state(),
        s.kind(),
        s.probability(),
        s.opportunities(),
        s.failures(),
        ConditionCount.of(s.broken()),
        ConditionCount.of(s.kept()),
        s.wouldChange());
  }

  private static LeaningView view(Leaning leaning, Accent accent) {
    String sound = accent.say(Sounds.of(leaning.sound()));
    boolean grapheme = leaning.kind() == Leaning.Kind.GRAPHEME;
    return new LeaningView(
        leaning.kind(),
        sound,
        Sounds.keyword(sound, accent),
        grapheme ? leaning.written() : "",
        grapheme
            ? leaning.written() + " where another is due"
            : Confusions.label(leaning.written()),
        leaning.opportunities(),
        leaning.failures(),
        leaning.probability(),
        leaning.isPattern(),
        leaning.examples().stream()
            .map(e -> new ChildRecord.EvidenceView(e.date(), e.target(), e.attempt(), null))
            .toList(),
        leaning.wouldChange());
  }
}
