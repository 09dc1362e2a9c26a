package dettato.activity;

import dettato.prompt.Prompt;
import java.util.Optional;

/**
 * What a teacher should know of a plan before she gives it.
 *
 * @param says in plain words
 * @param item it is about, when it is about one
 */
public record Check(Kind kind, String says, Optional<Prompt> item) {

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

  public static Check at(Kind kind, Prompt item, String says) {
    return new Check(kind, says, Optional.of(item));
  }
}
