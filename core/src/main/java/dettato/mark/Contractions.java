package dettato.mark;

import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Two words said as one with an apostrophe, and the same written out (don't and do not). */
final class Contractions {
  /** What an ending stands for; 's may be is, has or us. */
  private static final Map<String, List<String>> ENDINGS =
      Map.of(
          "n't", List.of("not"),
          "'ll", List.of("will", "shall"),
          "'re", List.of("are"),
          "'ve", List.of("have"),
          "'m", List.of("am"),
          "'d", List.of("would", "had"),
          "'s", List.of("is", "has", "us"));

  private static final Map<String, String> CHANGED = Map.of("wo", "will", "sha", "shall");

  private Contractions() {}

  /** Whether two words are what a contraction stands for. */
  static boolean isWrittenOut(String contraction, String first, String second) {
    String whole = Tokens.straight(contraction).toLowerCase(Locale.ROOT);
    return ENDINGS.entrySet().stream()
        .filter(e -> whole.endsWith(e.getKey()))
        .filter(e -> e.getValue().contains(second.toLowerCase(Locale.ROOT)))
        .map(e -> base(whole.substring(0, whole.length() - e.getKey().length()), e.getKey()))
        .anyMatch(first.toLowerCase(Locale.ROOT)::equals);
  }

  private static String base(String left, String ending) {
    boolean can = left.equals("ca") && ending.equals("n't");
    return can ? "can" : CHANGED.getOrDefault(left, left);
  }
}
