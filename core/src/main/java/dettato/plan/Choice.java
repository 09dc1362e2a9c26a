package dettato.plan;

import dettato.rule.Opportunity;
import dettato.rule.Side;
import dettato.word.Word;
import java.util.List;

/**
 * A word that tests a rule.
 *
 * @param at where the rule decides in it
 * @param untaught graphemes of the word that are not taught yet; empty when all are
 */
public record Choice(Word word, Opportunity at, List<String> untaught) {
  public Choice {
    untaught = List.copyOf(untaught);
  }

  public Side side() {
    return at.side();
  }

  /** Whether every grapheme has been taught. */
  public boolean isTaught() {
    return untaught.isEmpty();
  }
}
