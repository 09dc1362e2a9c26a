package dettato.reading;

import dettato.word.NGrams;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.Collection;

/**
 * How likely correspondences follow each other, counted from the cuts of words.
 *
 * <p>Source: joint-sequence models of letters and sounds, Bisani and Ney, Speech Communication
 * 50(5), 2008; runs of four correspondences, see {@link NGrams}.
 */
final class Runs {
  /** The logarithm of the chance of a correspondence that nobody has met. */
  private static final double UNMET = -14;

  private final NGrams pairs;

  /** By grapheme and sound, the number of a correspondence, one less; 0 where nobody has met it. */
  private final int[][] numbers;

  Runs(Trees trees, Collection<Word> words) {
    this.numbers = new int[trees.graphemes()][trees.sounds()];
    int[] last = {0};
    words.forEach(word -> word.cut().units().forEach(unit -> meet(trees, unit, last)));
    this.pairs =
        new NGrams(
            4,
            words.stream()
                .map(w -> w.cut().units().stream().mapToInt(u -> number(trees, u)).toArray())
                .toList());
  }

  private void meet(Trees trees, Unit unit, int[] last) {
    int grapheme = trees.number(unit.grapheme().text());
    int sound = trees.number(unit.sound());
    if (grapheme >= 0 && sound >= 0 && numbers[grapheme][sound] == 0) {
      numbers[grapheme][sound] = ++last[0];
    }
  }

  private int number(Trees trees, Unit unit) {
    int grapheme = trees.number(unit.grapheme().text());
    int sound = trees.number(unit.sound());
    return grapheme < 0 || sound < 0 ? -1 : numbers[grapheme][sound] - 1;
  }

  /** How likely such a run is, as a natural logarithm; letters that say nothing are passed over. */
  double log(Iterable<Lattice.Step> run) {
    double log = 0;
    long history = NGrams.START;
    for (Lattice.Step step : run) {
      if (step.grapheme() < 0) {
        continue;
      }
      int number = numbers[step.grapheme()][step.sound()] - 1;
      log += number < 0 ? UNMET : pairs.log(history, number);
      history = NGrams.after(history, Math.max(0, number));
    }
    return log + pairs.log(history, NGrams.EDGE);
  }
}
