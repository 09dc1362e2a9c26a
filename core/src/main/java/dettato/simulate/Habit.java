package dettato.simulate;

import dettato.rule.Opportunity;
import dettato.rule.Outcome;
import dettato.rule.RuleBook;
import dettato.rule.Side;
import dettato.word.Word;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

/**
 * A rule that a simulated child fails in one way. A child who guesses has it in both ways.
 *
 * @param conditions ids of the conditions under which it shows; when empty, it shows on a whole
 *     side
 * @param kind UNDER or OVER
 * @param strength how often it shows where it can, in [0, 1]
 */
public record Habit(String rule, Outcome kind, Set<String> conditions, double strength)
    implements Tendency {
  public Habit {
    conditions = Set.copyOf(conditions);
    if (kind != Outcome.UNDER && kind != Outcome.OVER) {
      throw new IllegalArgumentException("a habit is UNDER or OVER, not " + kind);
    }
  }

  /** A habit on a whole side of a rule. */
  public static Habit onSide(String rule, Outcome kind, double strength) {
    return new Habit(rule, kind, Set.of(), strength);
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
        && (conditions.isEmpty() || conditions.contains(place.condition().id()))
        && (kind == Outcome.UNDER
            ? place.side() == Side.DUE && Misspelling.hasPlain(place)
            : place.side() == Side.NOT_DUE && !place.over().isEmpty());
  }
}
