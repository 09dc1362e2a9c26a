package dettato.lexicon;

import dettato.word.Join;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * How a word is said: by the sources, by its American spelling, as its two parts said one after the
 * other (seashell), or as its base with an ending (seashells) or a beginning (unpack).
 */
final class Pronouncer {
  private static final Map<String, List<String>> PREFIXES =
      Map.of(
          "un", List.of("AH0", "N"),
          "re", List.of("R", "IY0"),
          "mis", List.of("M", "IH0", "S"),
          "over", List.of("OW1", "V", "ER0"));
  private static final Map<String, List<String>> PLAIN_ENDINGS =
      Map.of(
          "ing", List.of("IH0", "NG"),
          "est", List.of("IH0", "S", "T"),
          "er", List.of("ER0"),
          "y", List.of("IY0"),
          "ly", List.of("L", "IY0"),
          "ness", List.of("N", "AH0", "S"),
          "less", List.of("L", "AH0", "S"),
          "ful", List.of("F", "AH0", "L"),
          "ment", List.of("M", "AH0", "N", "T"));
  private static final Set<String> HISSES = Set.of("S", "Z", "SH", "ZH", "CH", "JH");
  private static final Set<String> VOICELESS = Set.of("P", "T", "K", "F", "TH", "S", "SH", "CH");

  private final Map<String, List<String>> said;
  private final Set<String> words;
  private final Map<String, Optional<List<String>>> known = new HashMap<>();

  /**
   * @param said General American phones by spelling
   * @param words the spellings a part of a word may be
   */
  Pronouncer(Map<String, List<String>> said, Set<String> words) {
    this.said = said;
    this.words = words;
  }

  Optional<List<String>> phones(String spelling) {
    Optional<List<String>> cached = known.get(spelling);
    if (cached == null) {
      cached = find(spelling);
      known.put(spelling, cached);
    }
    return cached;
  }

  private Optional<List<String>> find(String spelling) {
    List<String> own = said.get(spelling);
    own = own != null ? own : said.get(American.spelling(spelling));
    if (own != null) {
      return Optional.of(own);
    }
    return ended(spelling).or(() -> compound(spelling)).or(() -> begun(spelling));
  }

  private Optional<List<String>> compound(String spelling) {
    for (int seam = 3; seam <= spelling.length() - 3; seam++) {
      String first = spelling.substring(0, seam);
      String second = spelling.substring(seam);
      if (words.contains(first) && words.contains(second) && said.containsKey(first)) {
        Optional<List<String>> rest = phones(second);
        if (rest.isPresent()) {
          return Optional.of(
              joined(said.get(first), rest.get().stream().map(p -> p.replace('1', '2')).toList()));
        }
      }
    }
    return Optional.empty();
  }

  private Optional<List<String>> ended(String spelling) {
    for (String ending : Joins.ENDINGS) {
      if (!spelling.endsWith(ending) || spelling.length() < ending.length() + 2) {
        continue;
      }
      for (Join join : Joins.candidates(spelling, ending)) {
        Optional<List<String>> base =
            words.contains(join.base()) ? phones(join.base()) : Optional.empty();
        if (base.isPresent()) {
          return Optional.of(withEnding(base.get(), join));
        }
      }
    }
    return Optional.empty();
  }

  private static List<String> withEnding(List<String> base, Join join) {
    String last = base.get(base.size() - 1);
    return switch (join.ending()) {
      case "s", "es" ->
          joined(
              base,
              HISSES.contains(last)
                  ? List.of("IH0", "Z")
                  : List.of(VOICELESS.contains(last) ? "S" : "Z"));
      case "ed" ->
          joined(
              base,
              Set.of("T", "D").contains(last)
                  ? List.of("IH0", "D")
                  : List.of(VOICELESS.contains(last) ? "T" : "D"));
      default ->
          joined(shortened(base, join), PLAIN_ENDINGS.getOrDefault(join.ending(), List.of()));
    };
  }

  /** The base of -le words loses its weak beat before a vowel, and its l before ly (gently). */
  private static List<String> shortened(List<String> base, Join join) {
    int n = base.size();
    boolean le = join.base().endsWith("le") && n > 2 && base.get(n - 2).equals("AH0");
    if (join.ending().equals("ly") && base.get(n - 1).equals("L")) {
      return le ? base.subList(0, n - 2) : base.subList(0, n - 1);
    }
    return le && join.vowelEnding() ? joined(base.subList(0, n - 2), List.of("L")) : base;
  }

  private Optional<List<String>> begun(String spelling) {
    return PREFIXES.entrySet().stream()
        .filter(p -> spelling.startsWith(p.getKey()))
        .flatMap(
            p -> {
              String base = spelling.substring(p.getKey().length());
              return (words.contains(base) ? phones(base) : Optional.<List<String>>empty())
                  .map(b -> joined(p.getValue(), b)).stream();
            })
        .findFirst();
  }

  private static List<String> joined(List<String> first, List<String> second) {
    List<String> all = new ArrayList<>(first);
    all.addAll(second);
    return List.copyOf(all);
  }
}
