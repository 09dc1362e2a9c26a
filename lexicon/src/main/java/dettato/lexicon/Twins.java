package dettato.lexicon;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/**
 * Pairs a British spelling with its American one (colour, color). A pair counts when both are said
 * alike and the American form is itself a known spelling; where the American form is also another
 * British word (tire, story), only the British one belongs to one region.
 */
final class Twins {
  private final Map<String, String> american = new TreeMap<>();

  Twins(Iterable<String> words, Pronouncer said, Set<String> spellings) {
    for (String word : words) {
      String twin = American.spelling(word);
      boolean known = spellings.contains(twin);
      if (!twin.equals(word) && known && said.phones(word).equals(said.phones(twin))) {
        american.put(word, twin);
      }
    }
  }

  /** The American spelling of a British form. */
  Optional<String> americanOf(String british) {
    return Optional.ofNullable(american.get(british));
  }

  /** British forms and their American ones, in order. */
  Map<String, String> pairs() {
    return american;
  }

  /** American forms that are words of their own in Britain too. */
  static boolean isBritishToo(String american) {
    return List.of(
            "tire",
            "tires",
            "curb",
            "curbs",
            "story",
            "check",
            "checks",
            "practice",
            "program",
            "programs",
            "license",
            "meter",
            "meters",
            "ax",
            "prize",
            "prizes",
            "licensed")
        .contains(american);
  }
}
