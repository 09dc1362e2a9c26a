package dettato.simulate;

import dettato.rule.Opportunity;
import dettato.rule.Outcome;
import dettato.rule.RuleBook;
import dettato.rule.Side;
import dettato.word.Word;
import java.util.Optional;
import java.util.Random;

/**
 * A rule that a simulated child fails in one way. A child who guesses has it in both ways.
 *
 * @param kind UNDER or OVER
 * @param strength how often it shows where it can, in [0, 1]
 */
public record Habit(String rule, Outcome kind, double strength) implements Tendency {
  public Habit {
    if (kind != Outcome.UNDER && kind != Outcome.OVER) {
      throw new IllegalArgumentException("a habit is UNDER or OVER, not " + kind);
    }
  }

  @Override
  public Optional<String> write(Word word, Random random) {
    for (Opportunity place : RuleBook.opportunities(word)) {
      if (canShow(place) && random.nextDouble() < strength) {
        Optional<String> written = Misspelling.by(place, kind, word.cut());
        if (written.filter(w -> !w.isEmpty()).isPresent()) {
          return written;
        }
      }
    }
    return Optional.empty();
  }

  /** Whether this place is of the rule and on the side where the habit shows. */
  public boolean canShow(Opportunity place) {
    return place.rule().equals(rule)
        && (kind == Outcome.UNDER
            ? place.side() == Side.DUE && Misspelling.hasPlain(place)
            : place.side() == Side.NOT_DUE && !place.over().isEmpty());
  }
}
