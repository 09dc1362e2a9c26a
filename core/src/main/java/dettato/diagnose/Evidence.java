package dettato.diagnose;

import dettato.rule.Outcome;
import dettato.rule.Side;
import java.time.LocalDate;

/**
 * One place where a child's attempt says something about a rule.
 *
 * @param target the word dictated
 * @param attempt what was written
 */
public record Evidence(
    LocalDate date, String target, String attempt, String rule, Side side, Outcome outcome) {

  /** Whether it fails the rule in this way. */
  boolean fails(Outcome kind) {
    return outcome == kind;
  }

  /** Whether it could have failed the rule in this way, and the sound was spelled at all. */
  boolean tests(Outcome kind) {
    Side where = kind == Outcome.UNDER ? Side.DUE : Side.NOT_DUE;
    return fails(kind) || side == where && outcome == Outcome.APPLIED;
  }
}
