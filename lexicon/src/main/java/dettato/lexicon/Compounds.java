package dettato.lexicon;

import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Finds where two words meet inside one (sea|shell). Both parts must be known words of three
 * letters or more, and the whole must be said as the parts are, stress aside; what still slips
 * through (mush|room) is listed in {@code false-seams.txt}, each read by eye.
 */
final class Compounds {
  private final Pronouncer said;
  private final Set<String> words;
  private final Set<String> falseSeams;

  Compounds(Pronouncer said, Set<String> words, Set<String> falseSeams) {
    this.said = said;
    this.words = words;
    this.falseSeams = falseSeams;
  }

  /**
   * Where a compound is joined, and its parts' own sounds.
   *
   * @param letters index of the first letter of the second part
   * @param first how the first part is said alone
   * @param second how the second part is said alone
   */
  record Seam(int letters, List<String> first, List<String> second) {}

  Optional<Seam> find(String spelling) {
    if (falseSeams.contains(spelling)) {
      return Optional.empty();
    }
    Optional<List<String>> whole = said.phones(spelling);
    if (whole.isEmpty()) {
      return Optional.empty();
    }
    for (int seam = 3; seam <= spelling.length() - 3; seam++) {
      Optional<List<String>> first = part(spelling.substring(0, seam));
      Optional<List<String>> second = part(spelling.substring(seam));
      if (first.isPresent() && second.isPresent() && meet(first.get(), second.get(), whole.get())) {
        return Optional.of(new Seam(seam, first.get(), second.get()));
      }
    }
    return Optional.empty();
  }

  private Optional<List<String>> part(String spelling) {
    return words.contains(spelling) ? said.phones(spelling) : Optional.empty();
  }

  private static boolean meet(List<String> first, List<String> second, List<String> whole) {
    return first.size() + second.size() == whole.size()
        && Phones.alike(first, whole.subList(0, first.size()))
        && Phones.alike(second, whole.subList(first.size(), whole.size()));
  }
}
