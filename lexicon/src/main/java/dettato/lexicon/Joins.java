package dettato.lexicon;

import dettato.table.Row;
import dettato.word.Join;
import dettato.word.Join.Change;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Finds how a word is built from a base and an ending. A pair counts only when the base is a known
 * spelling of the right part of speech and the word begins with the base's sounds, so that corner
 * is not corn + er by sound alone; what still slips through is listed in {@code false-joins.txt}.
 */
final class Joins {
  static final List<String> ENDINGS =
      List.of("ing", "ed", "est", "er", "es", "s", "ness", "less", "ment", "ful", "ly", "y");
  private static final Map<String, String> NEEDS =
      Map.ofEntries(
          Map.entry("ing", "v"),
          Map.entry("ed", "v"),
          Map.entry("est", "a"),
          Map.entry("er", "va"),
          Map.entry("es", "nv"),
          Map.entry("s", "nv"),
          Map.entry("ness", "a"),
          Map.entry("less", "n"),
          Map.entry("ment", "v"),
          Map.entry("ful", "nv"),
          Map.entry("ly", "a"),
          Map.entry("y", "n"));

  private final Map<String, String> pos;
  private final Pronouncer said;
  private final Set<String> words;
  private final Set<String> falsePairs;
  private final Map<String, Join> seen;

  /**
   * @param pos parts of speech by spelling
   * @param words the words of the table; a base among them is preferred
   * @param falsePairs words that look built and are not, and word+base where only that base is
   *     wrong
   * @param seen joins that were read by eye, by word; they win
   */
  Joins(
      Map<String, String> pos,
      Pronouncer said,
      Set<String> words,
      Set<String> falsePairs,
      Map<String, Join> seen) {
    this.pos = pos;
    this.said = said;
    this.words = words;
    this.falsePairs = falsePairs;
    this.seen = seen;
  }

  /**
   * The joins of {@code joins.tsv}, by word.
   *
   * @throws IllegalArgumentException with the line, when a word is not what it is said to be of
   */
  static Map<String, Join> seen(Reviewed reviewed) {
    Map<String, Join> seen = new HashMap<>();
    reviewed.rows("joins.tsv", row -> seen.put(row.get("word"), seen(row)));
    return seen;
  }

  private static Join seen(Row row) {
    return candidates(row.get("word"), row.get("ending")).stream()
        .filter(j -> j.base().equals(row.get("base")))
        .findFirst()
        .orElseThrow(() -> row.wrong(row.get("word") + " is not made of that base and ending"));
  }

  Optional<Join> find(String word) {
    if (seen.containsKey(word)) {
      return Optional.of(seen.get(word));
    }
    if (falsePairs.contains(word)) {
      return Optional.empty();
    }
    List<Join> fitting =
        ENDINGS.stream()
            .filter(e -> word.endsWith(e) && word.length() > e.length() + 1)
            .flatMap(e -> candidates(word, e).stream())
            .filter(j -> !falsePairs.contains(word + "+" + j.base()) && fits(word, j))
            .toList();
    return fitting.stream()
        .filter(j -> words.contains(j.base()))
        .findFirst()
        .or(() -> fitting.stream().findFirst());
  }

  static List<Join> candidates(String word, String ending) {
    String stem = word.substring(0, word.length() - ending.length());
    boolean vowel = "aeiouy".indexOf(ending.charAt(0)) >= 0;
    char last = stem.charAt(stem.length() - 1);
    boolean doubled = stem.length() > 2 && last == stem.charAt(stem.length() - 2);
    java.util.ArrayList<Join> found = new java.util.ArrayList<>();
    if (vowel && !ending.equals("es") && doubled && "lsfz".indexOf(last) < 0) {
      found.add(new Join(stem.substring(0, stem.length() - 1), ending, Change.DOUBLED));
    }
    if (vowel && !ending.equals("es") && last != 'e') {
      found.add(new Join(stem + "e", ending, Change.E_DROPPED));
    }
    if (last == 'i' && !ending.equals("ing") && !ending.equals("s")) {
      found.add(new Join(stem.substring(0, stem.length() - 1) + "y", ending, Change.Y_TO_I));
    }
    if (ending.equals("es") && last == 'v') {
      found.add(new Join(stem.substring(0, stem.length() - 1) + "f", ending, Change.F_TO_V));
      found.add(new Join(stem.substring(0, stem.length() - 1) + "fe", ending, Change.F_TO_V));
    }
    if (!ending.equals("es") || stem.matches(".*(s|x|z|sh|ch|o)")) {
      found.add(new Join(stem, ending, Change.NONE));
    }
    if (vowel && !ending.equals("es") && doubled && "lsfz".indexOf(last) >= 0) {
      found.add(new Join(stem.substring(0, stem.length() - 1), ending, Change.DOUBLED));
    }
    return found;
  }

  private boolean fits(String word, Join join) {
    if (join.base().length() < (join.ending().equals("y") ? 3 : 2)
        || (join.ending().equals("s") && join.base().endsWith("s"))) {
      return false;
    }
    String has = pos.getOrDefault(join.base(), "");
    boolean right =
        NEEDS.getOrDefault(join.ending(), "").chars().anyMatch(c -> has.indexOf(c) >= 0);
    Optional<List<String>> base = said.phones(join.base());
    Optional<List<String>> whole = said.phones(word);
    return right && base.isPresent() && whole.isPresent() && begins(base.get(), whole.get(), join);
  }

  /**
   * Whether the word's sounds begin with the base's, the last one aside where the join bends it.
   */
  private static boolean begins(List<String> base, List<String> whole, Join join) {
    boolean bends = join.change() == Change.Y_TO_I || join.change() == Change.F_TO_V;
    int sure = bends ? 1 : join.base().endsWith("le") ? 2 : 0;
    if (join.ending().equals("ly") && join.base().endsWith("l")) {
      sure = 1;
    }
    int upTo = base.size() - sure;
    if (upTo > whole.size() || base.size() >= whole.size() + 1) {
      return false;
    }
    if (upTo < 0 || !Phones.alike(base.subList(0, upTo), whole.subList(0, upTo))) {
      return false;
    }
    return whole.size() > upTo || sure > 0;
  }
}
