package dettato.lexicon;

import dettato.word.Join;
import java.util.Map;
import java.util.Optional;

/** Short meanings to say before a word is dictated; a built word takes its base's. */
final class Clues {
  private final Map<String, String> own;
  private final Map<String, String> pos;

  Clues(Map<String, String> own, Map<String, String> pos) {
    this.own = own;
    this.pos = pos;
  }

  /** The clue of a word, "" when there is none. */
  String of(String spelling, Optional<Join> join) {
    String clue = own.get(spelling);
    if (clue == null) {
      clue = own.get(American.spelling(spelling));
    }
    if (clue != null) {
      return clue;
    }
    return join.filter(j -> own.containsKey(j.base()))
        .map(j -> built(j, own.getOrDefault(j.base(), "")))
        .orElse("");
  }

  private String built(Join join, String clue) {
    String has = pos.getOrDefault(join.base(), "");
    boolean plural = join.ending().matches("e?s") && has.contains("n") && !has.contains("v");
    return (plural ? "more than one " : "from ") + join.base() + ": " + clue;
  }
}
