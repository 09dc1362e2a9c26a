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
    String clue = own(spelling);
    if (!clue.isEmpty()) {
      return clue;
    }
    return join.filter(j -> !own(j.base()).isEmpty())
        .filter(j -> fits(j, own(j.base())))
        .map(j -> built(j, own(j.base())))
        .orElse("");
  }

  private String own(String spelling) {
    return own.getOrDefault(spelling, own.getOrDefault(American.spelling(spelling), ""));
  }

  /**
   * Whether a form means what its base's clue says: -ed and -ing are of the verb, and a clue that
   * begins with "to" is of the verb too; -er and -est of a verb or an adjective; -y and -less
   * change too much.
   */
  private boolean fits(Join join, String clue) {
    boolean verb = clue.startsWith("to ");
    return switch (join.ending()) {
      case "ed", "ing" -> verb;
      case "er", "est" -> verb || pos.getOrDefault(join.base(), "").contains("a");
      case "y", "less" -> false;
      default -> true;
    };
  }

  private String built(Join join, String clue) {
    String has = pos.getOrDefault(join.base(), "");
    boolean plural = join.ending().matches("e?s") && has.contains("n") && !has.contains("v");
    return (plural ? "more than one " : "from ") + join.base() + ": " + clue;
  }
}
