package dettato.reading;

import dettato.sound.Grapheme;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * All likely ways to cut and say a spelling, letter by letter. How likely one step is hangs on the
 * letters alone, so the best ways are found from left to right, those to one place side by side.
 * Cost: O(letters × ways kept × steps from a letter).
 */
final class Lattice {
  /** What is less likely is not tried, where something else is. */
  private static final float LEAST = 0.02f;

  /** How likely a letter stands for itself where nobody has met it so. */
  private static final float UNMET = 0.005f;

  /** How much the conventions count beside the trees: where a grapheme ends, and what it says. */
  private static final float RULED_CUT = 0.6f;

  private static final float RULED_SOUND = 0.6f;

  private static final int MOST_CROSSED = 3;

  private final Trees trees;
  private final LetterMasks word;
  private final List<List<Step>> steps = new ArrayList<>();

  /**
   * One grapheme said one way.
   *
   * @param grapheme its number; -1 where letters say nothing
   * @param e where its silent e stands; -1 for none
   */
  record Step(int grapheme, int sound, int from, int to, int e, double log) {}

  /**
   * A way from the start to a place.
   *
   * @param e a silent e that it will come to; -1 for none
   */
  record Way(@Nullable Way before, @Nullable Step last, int e, double log) {}

  Lattice(Trees trees, LetterMasks word) {
    this.trees = trees;
    this.word = word;
    for (int at = 0; at < word.length(); at++) {
      steps.add(steps(at));
    }
  }

  /** The likeliest ways through all letters, the likeliest first. */
  List<Way> best(int most) {
    List<Ways> at = new ArrayList<>();
    for (int i = 0; i <= word.length(); i++) {
      at.add(new Ways(most));
    }
    at.get(0).add(new Way(null, null, -1, 0));
    for (int i = 0; i < word.length(); i++) {
      for (Way way : at.get(i).best) {
        extend(way, i, at);
      }
    }
    return at.get(word.length()).best;
  }

  private void extend(Way way, int at, List<Ways> ways) {
    if (way.e == at) {
      ways.get(at + 1).add(new Way(way.before, way.last, -1, way.log));
      return;
    }
    boolean open = way.e > at;
    for (Step step : steps.get(at)) {
      boolean fits = !open || step.to <= way.e && step.e < 0;
      if (fits) {
        ways.get(step.to).add(new Way(way, step, open ? way.e : step.e, way.log + step.log));
      }
    }
  }

  /** The likeliest ways to one place; of those that wait for the same e at least one. */
  private static final class Ways {
    final List<Way> best = new ArrayList<>();
    private final int most;

    Ways(int most) {
      this.most = most;
    }

    void add(Way way) {
      int place = best.size();
      while (place > 0 && best.get(place - 1).log < way.log) {
        place--;
      }
      if (place < most || best.stream().noneMatch(other -> other.e == way.e)) {
        best.add(place, way);
        if (best.size() > most) {
          drop();
        }
      }
    }

    /** Drops the least likely, unless it is the only one of its kind. */
    private void drop() {
      Way last = best.get(best.size() - 1);
      for (int i = 0; i < best.size() - 1; i++) {
        if (best.get(i).e == last.e) {
          best.remove(best.size() - 1);
          return;
        }
      }
    }
  }

  private List<Step> steps(int at) {
    Forest forest = trees.ofLetter(word, at);
    if (forest == null) {
      return List.of(new Step(-1, -1, at, at + 1, -1, 0));
    }
    Forest.Chances begun = forest.chances(word, at, at + 1, 1 - RULED_CUT);
    ReadingRule ruled = ReadingRules.at(word, at);
    boolean silent = ruled != null && ruled.sounds().isEmpty();
    int alone = trees.alone(word, at);
    int twice = trees.twice(word, at);
    begun.add(ruled == null ? -1 : trees.number(ruled.grapheme().text()), silent ? 0 : RULED_CUT);
    begun.add(alone, UNMET);
    begun.add(twice, UNMET);
    List<Step> steps = new ArrayList<>();
    for (int i = 0; i < begun.size(); i++) {
      int grapheme = begun.which(i);
      if (begun.how(i) >= LEAST || grapheme == alone || grapheme == twice) {
        add(steps, at, grapheme, begun.how(i));
      }
    }
    if (silent || steps.isEmpty()) {
      int length = ruled == null ? 1 : ruled.headLength();
      steps.add(new Step(-1, -1, at, at + length, -1, Math.log(silent ? RULED_CUT : UNMET)));
    }
    return steps;
  }

  /** The steps of one grapheme, if it stands here. */
  private void add(List<Step> steps, int at, int number, float chance) {
    Grapheme grapheme = trees.grapheme(number);
    Forest forest = trees.ofGrapheme(number);
    int to = at + grapheme.headLength();
    int e = grapheme.isSplit() ? silentE(to) : -1;
    boolean stands = word.spelling().startsWith(grapheme.head(), at);
    if (!stands || forest == null || grapheme.isSplit() && e < 0) {
      return;
    }
    int ruled = trees.ruled(number, word, at);
    Forest.Chances said = forest.chances(word, at, to, ruled < 0 ? 1 : 1 - RULED_SOUND);
    said.add(ruled, RULED_SOUND);
    for (int i = 0; i < said.size(); i++) {
      if (said.how(i) >= LEAST) {
        double log = Math.log(chance * said.how(i));
        steps.add(new Step(number, said.which(i), at, to, e, log));
      }
    }
  }

  /** The e after one to three letters that are no vowels; -1 when there is none. */
  private int silentE(int from) {
    int e = from;
    while (word.at(e) != 0 && (word.at(e) & (LetterMasks.VOWELS | LetterMasks.EDGE)) == 0) {
      e++;
    }
    boolean near = e > from && e <= from + MOST_CROSSED;
    return near && word.at(e) == LetterMasks.of('e') ? e : -1;
  }
}
