package dettato.simulate;

import dettato.word.Word;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * Children with planted habits who write words down. The same seed gives the same attempts; habits
 * show before slips, and a word has at most one of each.
 */
public final class SimulatedClass {
  private final List<SimulatedChild> children;
  private final long seed;

  public SimulatedClass(List<SimulatedChild> children, long seed) {
    this.children = List.copyOf(children);
    this.seed = seed;
  }

  public List<SimulatedChild> children() {
    return children;
  }

  /**
   * What a child writes for a word on an occasion.
   *
   * @param occasion tells dictations apart, so that the same word may be spelled differently
   */
  public String attempt(SimulatedChild child, Word word, int occasion) {
    Random random =
        new Random(
            seed * 31
                + child.name().hashCode() * 7L
                + word.spelling().hashCode()
                + occasion * 101L);
    random.nextLong();
    for (Tendency habit : child.habits()) {
      Optional<String> written = habit.write(word, random);
      if (written.isPresent()) {
        return written.get();
      }
    }
    return random.nextDouble() < child.slips()
        ? Misspelling.slip(word.cut(), random)
        : word.spelling();
  }
}
