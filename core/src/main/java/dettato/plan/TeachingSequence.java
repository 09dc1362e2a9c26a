package dettato.plan;

import dettato.sound.Accent;
import dettato.sound.Grapheme;
import dettato.sound.Sound;
import dettato.sound.Sounds;
import dettato.table.Table;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * In which order correspondences are taught: our own order, derived from the lexicon (each step
 * adds the few that unlock the most common words), kept as the table {@code teaching-sequence.tsv}
 * that a school may edit.
 */
public final class TeachingSequence {
  private final List<Step> steps;
  private final Map<String, List<Step>> byGrapheme;

  /**
   * One correspondence at its step.
   *
   * @param unlocks how many listed words the whole step makes spellable, given those before
   */
  public record Step(int number, Grapheme grapheme, Sound sound, int unlocks, String example) {}

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

  /** The number of the last step. */
  public int last() {
    return steps.isEmpty() ? 0 : steps.get(steps.size() - 1).number();
  }

  /** The step at which a unit of a word is taught in an accent; empty when it never is. */
  public Optional<Integer> taughtAt(Unit unit, Accent accent) {
    return byGrapheme.getOrDefault(unit.grapheme().text(), List.of()).stream()
        .filter(s -> accent.alike(s.sound(), unit.sound()))
        .map(Step::number)
        .findFirst();
  }

  /** Whether a unit is taught by a step. */
  public boolean isTaught(Unit unit, int step, Accent accent) {
    return taughtAt(unit, accent).filter(s -> s <= step).isPresent();
  }

  /** The units of a word that are not taught by a step, as graphemes. */
  public List<String> untaught(Word word, int step, Accent accent) {
    return word.cut().units().stream()
        .filter(u -> !isTaught(u, step, accent))
        .map(u -> u.grapheme().text())
        .distinct()
        .toList();
  }
}
