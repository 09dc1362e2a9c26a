package dettato.mark;

import dettato.word.Lexicon;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * How sure an explanation is, and its nearest rivals.
 *
 * @param confidence how often an explanation with such a lead is the right one, in [0, 1]; see
 *     {@link Confidence}
 * @param rivals other explanations within {@link #CLOSE} points, the nearest first, at most two
 */
public record Certainty(double confidence, List<Mark> rivals) {
  /** Nothing else can be meant. */
  static final Certainty FULL = new Certainty(1, List.of());

  /** Explanations this few points apart are both worth a look. */
  private static final int CLOSE = 5;

  private static final int MOST = 2;

  public Certainty {
    rivals = List.copyOf(rivals);
  }

  /** Takes each move of the best explanation away in turn and sees what explains the rest. */
  static Certainty of(Target target, Lexicon lexicon, Mark mark, Letters letters) {
    Judgement best = Judgement.of(target, lexicon, mark.attempt(), letters);
    List<Judgement> others = new ArrayList<>();
    for (long move : best.alignment().path()) {
      Judgement other = new Judgement(target, lexicon, mark.attempt(), letters, move);
      boolean unseen =
          !other.units().equals(mark.units())
              && others.stream().noneMatch(o -> o.units().equals(other.units()));
      if (unseen) {
        others.add(other);
      }
    }
    others.sort(Comparator.comparingInt(Judgement::points));
    int lead = others.isEmpty() ? Integer.MAX_VALUE : others.get(0).points() - mark.points();
    return new Certainty(
        Confidence.of(mark, lead),
        others.stream()
            .filter(o -> o.points() - mark.points() <= CLOSE)
            .limit(MOST)
            .map(Judgement::mark)
            .toList());
  }
}
