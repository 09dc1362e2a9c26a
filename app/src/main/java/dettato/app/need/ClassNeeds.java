package dettato.app.need;

import dettato.activity.Activities;
import dettato.activity.Activity;
import dettato.activity.Needs;
import dettato.activity.Traits.Trait;
import dettato.app.deck.Decks;
import dettato.app.engine.Engines;
import dettato.app.finding.BrokenConditions;
import dettato.app.outcome.ClassOutcomes;
import dettato.app.school.Pupil;
import dettato.app.school.SchoolClass;
import dettato.engine.Engine;
import dettato.plan.Review;
import dettato.prompt.Prompt;
import dettato.rule.RuleBook;
import dettato.sound.Sounds;
import dettato.word.Word;
import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the papers of a class, or of some of its children, ask of the next session. */
@Service
public class ClassNeeds {
  /** Words met longer ago are no review any more. */
  private static final int REVIEW_DAYS = 70;

  /** Sounds missed longer ago say little of today. */
  private static final int SOUND_DAYS = 42;

  private static final int SOUNDS = 8;
  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM", Locale.UK);

  private final BrokenConditions broken;
  private final Decks decks;
  private final Engines engines;
  private final ClassOutcomes outcomes;
  private final Clock clock;

  /** Ids of the kinds whose words do not come again by themselves. */
  private final List<String> notReviewed;

  ClassNeeds(
      BrokenConditions broken,
      Decks decks,
      Engines engines,
      ClassOutcomes outcomes,
      Activities kinds,
      Clock clock) {
    this.clock = clock;
    this.notReviewed =
        kinds.all().stream()
            .filter(k -> k.traits().has(Trait.NOT_REVIEWED))
            .map(Activity::id)
            .toList();
    this.broken = broken;
    this.decks = decks;
    this.engines = engines;
    this.outcomes = outcomes;
  }

  /**
   * What is asked on a day: what is broken as the papers say today, what is due by then.
   *
   * @param pupils of a group; empty for the whole class
   * @param awake how many cards that do not sleep are dealt at most
   */
  @Transactional(readOnly = true)
  public Needs of(SchoolClass of, Set<Long> pupils, LocalDate on, int awake) {
    List<Long> children =
        of.pupils().stream()
            .map(Pupil::id)
            .filter(id -> pupils.isEmpty() || pupils.contains(id))
            .toList();
    BrokenConditions.Broken shown = broken.of(of, LocalDate.now(clock), pupils);
    Engine engine = engines.of(of.accent());
    List<Review.Met> met = met(children, on);
    return new Needs(
        shown.conditions(),
        shown.written(),
        Review.due(met, on).stream()
            .filter(d -> engine.find(d.word()).isPresent())
            .map(d -> new Needs.Due(new Prompt.Word(d.word()), why(d)))
            .toList(),
        decks.of(of, on).deal(awake).stream()
            .map(s -> new Needs.Due(new Prompt.Card(s.card().front(), s.card().back()), s.why()))
            .toList(),
        sounds(children, on, engine),
        Review.known(met, on).stream()
            .filter(w -> isIrregular(engine.word(w)))
            .collect(Collectors.toSet()));
  }

  /**
   * The conditions that children break, as the papers say today.
   *
   * @param pupils of a group; empty for the whole class
   */
  public Set<String> broken(SchoolClass of, Set<Long> pupils) {
    return broken.of(of, LocalDate.now(clock), pupils).conditions().stream()
        .map(Needs.Broken::condition)
        .collect(Collectors.toSet());
  }

  private static boolean isIrregular(Word word) {
    return RuleBook.broken(word) > 0 || !word.irregular().isEmpty();
  }

  private static String why(Review.Due due) {
    String missed =
        "%d of %d missed it on %s"
            .formatted(due.last().missed(), due.last().asked(), DAY.format(due.last().on()));
    return due.rightSince() ? missed + ", right since" : missed;
  }

  /** Words asked alone, day by day; what stood in sentences was not asked for itself. */
  private List<Review.Met> met(List<Long> children, LocalDate on) {
    return children.isEmpty()
        ? List.of()
        : outcomes.met(children, on.minusDays(REVIEW_DAYS), on.minusDays(1), notReviewed);
  }

  /** Sounds that most attempts had otherwise than is due, in IPA of the accent. */
  private List<String> sounds(List<Long> children, LocalDate on, Engine engine) {
    if (children.isEmpty()) {
      return List.of();
    }
    return outcomes
        .soundsMissed(children, on.minusDays(SOUND_DAYS), on.minusDays(1), SOUNDS)
        .stream()
        .map(id -> engine.accent().say(Sounds.of(id)))
        .distinct()
        .toList();
  }
}
