package dettato.plan;

import dettato.input.Unacceptable;
import dettato.sound.Accent;
import dettato.sound.Grapheme;
import dettato.sound.Sound;
import dettato.sound.Sounds;
import dettato.table.Table;
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
 * In which order correspondences are taught: our own order, derived from the lexicon (each step
 * adds the few that unlock the most common words), kept as the table {@code teaching-sequence.tsv}
 * that a school may edit.
 */
public final class TeachingSequence {
  private static final int NEVER = Integer.MAX_VALUE;

  private final List<Step> steps;
  private final Map<String, List<Step>> byGrapheme;

  /**
   * One correspondence at its step.
   *
   * @param unlocks how many listed words the whole step makes spellable, given those before
   */
  public record Step(int number, Grapheme grapheme, Sound sound, int unlocks, String example) {
    /** Names the correspondence, such as "ai FACE". */
    public String id() {
      return grapheme + " " + sound;
    }

    private Step at(int other) {
      return new Step(other, grapheme, sound, unlocks, example);
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
    this.steps = List.copyOf(steps);
    this.byGrapheme = steps.stream().collect(Collectors.groupingBy(s -> s.grapheme().text()));
  }

  public List<Step> steps() {
    return steps;
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
                        new Grapheme(row.get("grapheme")),
                        Sounds.of(row.get("sound")),
                        row.number("unlocks"),
                        row.get("example"))));
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
            .toList());
  }

  /** The same, followed by what another has beyond it, in the other's order. */
  public TeachingSequence then(TeachingSequence other) {
    Set<String> there = steps.stream().map(Step::id).collect(Collectors.toSet());
    List<Step> all = new ArrayList<>(steps);
    int number = last();
    int before = -1;
    for (Step step : other.steps) {
      if (!there.contains(step.id())) {
        number += step.number() == before ? 0 : 1;
        before = step.number();
        all.add(step.at(number));
      }
    }
    return new TeachingSequence(all);
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

  /** Whether a unit is taught by a step. */
  public boolean isTaught(Unit unit, int step, Accent accent) {
    return at(unit, accent) <= step;
  }

  /** The step by which all of a word is taught in an accent; empty when it never is. */
  public Optional<Integer> taughtAt(Word word, Accent accent) {
    int last = word.cut().units().stream().mapToInt(u -> at(u, accent)).max().orElse(NEVER);
    return last == NEVER ? Optional.empty() : Optional.of(last);
  }

  /** Whether all of a word is taught by a step; cheap, since it is asked of every word. */
  public boolean isTaught(Word word, int step, Accent accent) {
    for (Unit unit : word.cut().units()) {
      if (!isTaught(unit, step, accent)) {
        return false;
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
    return other instanceof TeachingSequence sequence && steps.equals(sequence.steps);
  }

  @Override
  public int hashCode() {
    return steps.hashCode();
  }
}
