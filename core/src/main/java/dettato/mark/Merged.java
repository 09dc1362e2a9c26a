package dettato.mark;

import dettato.word.Segmentation;
import java.util.Arrays;
import java.util.Map;
import java.util.Set;

/** Graphemes that spell two neighbouring units in one: sox for socks, camle for camel. */
final class Merged {
  private static final Map<String, String> PAIRS =
      Map.of("k s", "x", "ɡ z", "x", "k w", "qu", "j GOOSE", "u", "j CURE", "ure");
  private static final Set<String> WEAK = Set.of("commA", "KIT");

  private Merged() {}

  /** Whether the word ends there, its plural s aside (camels as camel). */
  private static boolean isAtEnd(Segmentation cut, int unit) {
    return unit == cut.size()
        || unit + 1 == cut.size() && cut.unit(unit).grapheme().text().equals("s");
  }

  /** For each unit the grapheme that could spell it and the next, "" for most. */
  static String[] of(Segmentation cut) {
    String[] merged = new String[cut.size()];
    Arrays.fill(merged, "");
    for (int i = 0; i + 1 < cut.size(); i++) {
      String first = cut.unit(i).sound().id();
      String second = cut.unit(i + 1).sound().id();
      boolean le = WEAK.contains(first) && second.equals("l") && isAtEnd(cut, i + 2);
      merged[i] = le ? "le" : PAIRS.getOrDefault(first + " " + second, "");
    }
    return merged;
  }
}
