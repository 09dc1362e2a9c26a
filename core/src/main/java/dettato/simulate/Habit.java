package dettato.simulate;

import dettato.rule.Outcome;

/**
 * A rule that a simulated child fails in one way.
 *
 * @param kind UNDER or OVER
 * @param strength how often it shows where it can, in [0, 1]
 */
public record Habit(String rule, Outcome kind, double strength) {
  public Habit {
    if (kind != Outcome.UNDER && kind != Outcome.OVER) {
      throw new IllegalArgumentException("a habit is UNDER or OVER, not " + kind);
    }
  }
}
