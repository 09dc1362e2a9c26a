package dettato.lexicon;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Keeps words a class should not be given out of those that may be proposed: the entries of two
 * open lists, and our own words and stems in {@code not-proposed.tsv}. A word built on such a word
 * is kept out with it; one that only happens to contain the same letters (class, button) is not.
 */
final class Suitability {
  private final Set<String> listed;
  private final Set<String> words = new HashSet<>();
  private final List<String> stems = new ArrayList<>();

  Suitability(Set<String> listed, Reviewed reviewed) {
    this.listed = listed;
    reviewed.rows(
        "not-proposed.tsv",
        row -> {
          for (String word : row.get("words").split(" ")) {
            if (word.endsWith("*")) {
              stems.add(word.substring(0, word.length() - 1));
            } else {
              words.add(word);
            }
          }
          return row;
        });
  }

  /** Why a word may not be proposed, or empty when it may. */
  Optional<String> objection(String word, Optional<String> base) {
    if (listed.contains(word) || base.filter(listed::contains).isPresent()) {
      return Optional.of("called unsuitable by an open list; mark it know or leave it out");
    }
    if (words.contains(word) || stems.stream().anyMatch(word::startsWith)) {
      return Optional.of("kept out by not-proposed.tsv; mark it know or leave it out");
    }
    return Optional.empty();
  }
}
