package dettato.choose;

import dettato.focus.Focus;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What tasks are wanted.
 *
 * @param focus what their words have; empty leaves it open
 * @param level 1 the easiest to 3, where a kind has levels
 * @param count how many
 * @param without spellings not to be taken
 * @param broken conditions that the class breaks, the commonest first, for mistakes to find
 * @param written what children of the class really wrote wrong, to be taken where it shows such a
 *     mistake
 * @param seed the same seed makes the same tasks
 */
public record Wanted(
    Optional<Focus> focus,
    int level,
    int count,
    Set<String> without,
    List<String> broken,
    Set<String> written,
    long seed) {
  public static final int LEVELS = 3;

  public Wanted {
    without = Set.copyOf(without);
    broken = List.copyOf(broken);
    written = Set.copyOf(written);
  }

  /** So many tasks on a focus, nothing else asked. */
  public static Wanted of(Optional<Focus> focus, int count, Set<String> without, long seed) {
    return new Wanted(focus, 1, count, without, List.of(), Set.of(), seed);
  }

  /** The same about a rule. */
  public Wanted about(String rule) {
    return new Wanted(
        Optional.of(new Focus.Rule(rule)), level, count, without, broken, written, seed);
  }
}
