package dettato.diagnose;

import dettato.rule.Outcome;
import dettato.rule.Side;
import java.time.LocalDate;

/**
 * One place where a child's attempt says something about a rule.
 *
 * @param target the word dictated
 * @param attempt what was written
 * @param condition id of the condition the place is of; "" where it is not known
 */
public record Evidence(
    LocalDate date,
    String target,
    String attempt,
    String rule,
    String condition,
    Side side,
    Outcome outcome) {

  /** Whether it fails the rule in this way. */
  boolean fails(Outcome kind) {
    return outcome == kind;
  }
}
