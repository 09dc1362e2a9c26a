package dettato.plan;

import dettato.input.Unacceptable;
import dettato.sound.Accent;
import dettato.sound.Grapheme;
import dettato.sound.Sound;
import dettato.sound.Sounds;
import dettato.table.Table;
import dettato.word.Join;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * In which order correspondences are taught, and which words are learnt by heart before all of
 * their parts are. Our own order goes in {@link Stage stages} from simple to hard and is derived
 * from the lexicon and our sentences; it is kept in {@code teaching-sequence.tsv} and {@code
 * words-by-heart.tsv}, and a school may put its own in its place.
 */
public final class TeachingSequence {
  private static final int NEVER = Integer.MAX_VALUE;

  /** Endings that leave a word by heart as it is. */
  private static final Set<String> ADDED = Set.of("s", "ing", "ed");

  private final List<Step> steps;
  private final List<ByHeart> byHeart;
  private final Map<String, List<Step>> byGrapheme;
  private final Map<String, Integer> heartAt;

  /**
   * One correspondence at its step.
   *
   * @param stage of our order; empty where a school's own has what ours has not
   * @param unlocks how many listed words the whole step makes spellable, given those before
   */
  public record Step(
      int number,
      Optional<Stage> stage,
      Grapheme grapheme,
      Sound sound,
      int unlocks,
      String example) {
    /** Names the correspondence, such as "ai FACE". */
    public String id() {
      return grapheme + " " + sound;
    }

    private Step of(Optional<Stage> other) {
      return new Step(number, other, grapheme, sound, unlocks, example);
    }

    private Step at(int other) {
      return new Step(other, stage, grapheme, sound, unlocks, example);
    }
  }

  /**
   * A word that is known whole from a step on.
   *
   * @param word in small letters
   */
  public record ByHeart(int step, String word) {
    private ByHeart at(int other) {
      return new ByHeart(other, word);
    }
  }

  /**
   * What a class is ahead with, and what it waits with, whatever the sequence says.
   *
   * @param early ids of steps beyond its own that it has been taught
   * @param later ids of steps before its own that it has not been taught
   */
  public record Ticks(Set<String> early, Set<String> later) {
    /** As the sequence says. */
    public static final Ticks NONE = new Ticks(Set.of(), Set.of());

    private static final int MOST_LETTERS = 4_000;

    /**
     * @throws Unacceptable when there are more than any sequence has
     */
    public Ticks {
      early = Set.copyOf(early);
      later = Set.copyOf(later);
      int letters = Stream.concat(early.stream(), later.stream()).mapToInt(String::length).sum();
      if (letters > MOST_LETTERS) {
        throw new Unacceptable(
            "There are too many ticks: %d letters of ids, at most %d."
                .formatted(letters, MOST_LETTERS));
      }
    }
  }

  /**
   * @param steps in order, the first being step 1
   */
  public TeachingSequence(List<Step> steps) {
    this(steps, List.of());
  }

  /**
   * @param steps in order, the first being step 1
   * @param byHeart in the order of their steps
   */
  public TeachingSequence(List<Step> steps, List<ByHeart> byHeart) {
    this.steps = List.copyOf(steps);
    this.byHeart = List.copyOf(byHeart);
    this.byGrapheme = steps.stream().collect(Collectors.groupingBy(s -> s.grapheme().text()));
    this.heartAt =
        byHeart.stream().collect(Collectors.toMap(ByHeart::word, ByHeart::step, Math::min));
  }

  public List<Step> steps() {
    return steps;
  }

  /** Words to know by heart, in the order of their steps. */
  public List<ByHeart> byHeart() {
    return byHeart;
  }

  /** Words by heart that a step brings. */
  public List<String> byHeart(int step) {
    return byHeart.stream().filter(h -> h.step() == step).map(ByHeart::word).toList();
  }

  /** The shipped sequence. */
  public static TeachingSequence shipped() {
    return Shipped.SEQUENCE;
  }

  private static final class Shipped {
    static final TeachingSequence SEQUENCE =
        new TeachingSequence(
            Table.load(
                TeachingSequence.class,
                "teaching-sequence.tsv",
                row ->
                    new Step(
                        row.number("step"),
                        Optional.of(Stage.valueOf(row.get("stage"))),
                        new Grapheme(row.get("grapheme")),
                        Sounds.of(row.get("sound")),
                        row.number("unlocks"),
                        row.get("example"))),
            Table.load(
                TeachingSequence.class,
                "words-by-heart.tsv",
                row -> new ByHeart(row.number("step"), row.get("word"))));
  }

  /** The same sequence for a class that has come to a step, with its ticks. */
  public TeachingSequence with(Ticks ticks, int step) {
    if (ticks.equals(Ticks.NONE)) {
      return this;
    }
    return new TeachingSequence(
        steps.stream()
            .map(
                s ->
                    s.number() > step && ticks.early().contains(s.id())
                        ? s.at(step)
                        : s.number() <= step && ticks.later().contains(s.id()) ? s.at(step + 1) : s)
            .sorted(Comparator.comparingInt(Step::number))
            .toList(),
        byHeart);
  }

  /**
   * The same, in the other's stages, followed by what another has beyond it, in the other's order.
   * Words by heart are the other's, step by step, where this names none.
   */
  public TeachingSequence then(TeachingSequence other) {
    Set<String> there = steps.stream().map(Step::id).collect(Collectors.toSet());
    Map<String, Step> theirs =
        other.steps.stream().collect(Collectors.toMap(Step::id, s -> s, (a, b) -> a));
    List<Step> all = new ArrayList<>();
    steps.forEach(s -> all.add(s.of(Optional.ofNullable(theirs.get(s.id())).flatMap(Step::stage))));
    int number = last();
    int before = -1;
    for (Step step : other.steps) {
      if (!there.contains(step.id())) {
        number += step.number() == before ? 0 : 1;
        before = step.number();
        all.add(step.at(number));
      }
    }
    return new TeachingSequence(all, byHeart.isEmpty() ? other.byHeart : heartThen(other));
  }

  private List<ByHeart> heartThen(TeachingSequence other) {
    Stream<ByHeart> more =
        other.byHeart.stream()
            .filter(h -> !heartAt.containsKey(h.word()))
            .map(h -> h.at(Math.max(h.step(), last() + 1)));
    return Stream.concat(byHeart.stream(), more).toList();
  }

  /** The number of the last step. */
  public int last() {
    return steps.isEmpty() ? 0 : steps.get(steps.size() - 1).number();
  }

  /** The step at which a unit of a word is taught in an accent; empty when it never is. */
  public Optional<Integer> taughtAt(Unit unit, Accent accent) {
    int at = at(unit, accent);
    return at == NEVER ? Optional.empty() : Optional.of(at);
  }

  private int at(Unit unit, Accent accent) {
    for (Step step : byGrapheme.getOrDefault(unit.grapheme().text(), List.of())) {
      if (accent.alike(step.sound(), unit.sound())) {
        return step.number();
      }
    }
    return NEVER;
  }

  /** The stage at which we teach a unit; empty when we never do. */
  public Optional<Stage> stageOf(Unit unit, Accent accent) {
    return byGrapheme.getOrDefault(unit.grapheme().text(), List.of()).stream()
        .filter(s -> accent.alike(s.sound(), unit.sound()))
        .findFirst()
        .flatMap(Step::stage);
  }

  /** Whether a unit is taught by a step. */
  public boolean isTaught(Unit unit, int step, Accent accent) {
    return at(unit, accent) <= step;
  }

  /**
   * The step from which a word is known whole in an accent: by heart itself, or a word by heart
   * with a taught ending (friends); empty when it is left to its parts.
   */
  public Optional<Integer> byHeartAt(Word word, Accent accent) {
    int at = wholeAt(word, accent);
    return at == NEVER ? Optional.empty() : Optional.of(at);
  }

  private int wholeAt(Word word, Accent accent) {
    Integer own = heartAt.get(word.spelling());
    if (own != null || heartAt.isEmpty() || word.join().isEmpty()) {
      return own == null ? NEVER : own;
    }
    Join join = word.join().get();
    Integer base = heartAt.get(join.base());
    if (base == null || join.change() != Join.Change.NONE || !ADDED.contains(join.ending())) {
      return NEVER;
    }
    int last = base;
    for (int u = word.endingUnit(); u < word.cut().size(); u++) {
      last = Math.max(last, at(word.cut().unit(u), accent));
    }
    return last;
  }

  /**
   * The step by which all of a word is taught in an accent, or it is known by heart; empty when it
   * never is.
   */
  public Optional<Integer> taughtAt(Word word, Accent accent) {
    int parts = word.cut().units().stream().mapToInt(u -> at(u, accent)).max().orElse(NEVER);
    int last = Math.min(parts, wholeAt(word, accent));
    return last == NEVER ? Optional.empty() : Optional.of(last);
  }

  /**
   * Whether all of a word is taught by a step or it is known by heart; cheap, since it is asked of
   * every word.
   */
  public boolean isTaught(Word word, int step, Accent accent) {
    for (Unit unit : word.cut().units()) {
      if (!isTaught(unit, step, accent)) {
        return wholeAt(word, accent) <= step;
      }
    }
    return true;
  }

  /** The units of a word that are not taught by a step, as graphemes. */
  public List<String> untaught(Word word, int step, Accent accent) {
    if (isTaught(word, step, accent)) {
      return List.of();
    }
    return word.cut().units().stream()
        .filter(u -> !isTaught(u, step, accent))
        .map(u -> u.grapheme().text())
        .distinct()
        .toList();
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof TeachingSequence sequence
        && steps.equals(sequence.steps)
        && byHeart.equals(sequence.byHeart);
  }

  @Override
  public int hashCode() {
    return steps.hashCode();
  }
}
