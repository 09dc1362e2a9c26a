package dettato.plan;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Keeps invented words from being alike: no last part or sound twice, no first part thrice. */
final class Variety {
  private static final int MOST_ALIKE = 2;

  private final InventedParts parts;
  private final Set<Integer> rimes = new HashSet<>();
  private final Set<String> heard = new HashSet<>();
  private final Map<List<?>, Integer> beginnings = new HashMap<>();

  Variety(InventedParts parts) {
    this.parts = parts;
  }

  boolean allows(int pair) {
    return !rimes.contains(parts.rime(pair))
        && beginnings.getOrDefault(parts.first(pair), 0) < MOST_ALIKE;
  }

  /**
   * Takes a word in.
   *
   * @param sounds of it
   * @return false when one that sounds so is there already
   */
  boolean takes(int pair, String sounds) {
    if (!heard.add(sounds)) {
      return false;
    }
    rimes.add(parts.rime(pair));
    beginnings.merge(parts.first(pair), 1, Integer::sum);
    return true;
  }
}
