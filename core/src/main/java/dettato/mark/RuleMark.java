package dettato.mark;

import dettato.rule.Opportunity;
import dettato.rule.Outcome;

/**
 * What an attempt shows of a rule at one place.
 *
 * @param written what stands there
 */
public record RuleMark(Opportunity at, Outcome outcome, String written) {
  public String rule() {
    return at.rule();
  }
}
