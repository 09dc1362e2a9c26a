package dettato.simulate;

import java.util.List;

/**
 * A child of a simulated class.
 *
 * @param slips how often a word has a slip that belongs to no habit, in [0, 1]
 */
public record SimulatedChild(String name, List<Tendency> habits, double slips) {
  public SimulatedChild {
    habits = List.copyOf(habits);
  }
}
