package dettato.block;

import java.util.Optional;

/**
 * What a teacher should know of a plan before she gives it.
 *
 * @param says in plain words
 * @param text of the item it is about, when it is about one
 */
public record Check(Kind kind, String says, Optional<String> text) {

  /** What is to be known. */
  public enum Kind {
    EMPTY,
    ONE_SIDED,
    PREDICTABLE,
    UNTAUGHT,
    SOUNDS_ALIKE,
    NO_TARGET,
    NO_END_MARK,
    OVER_TIME,
    /** A block has fewer items than its template asks for. */
    SHORT
  }

  public static Check of(Kind kind, String says) {
    return new Check(kind, says, Optional.empty());
  }

  static Check at(Kind kind, String text, String says) {
    return new Check(kind, says, Optional.of(text));
  }
}
