package dettato.session;

import dettato.focus.Focus;
import java.util.Optional;

/**
 * One thing a session asks.
 *
 * @param text the word or sentence dictated
 * @param role why it stands there
 * @param focus what it was chosen for; empty for one of the teacher's own
 */
public record Item(String text, Role role, Optional<Focus> focus) {

  /** Why an item stands in its block. */
  public enum Role {
    /** It tests what the session is about. */
    FOCUS,
    /** It was met before, and is due again. */
    REVIEW,
    /** The teacher put it there. */
    OWN
  }

  public static Item own(String text) {
    return new Item(text, Role.OWN, Optional.empty());
  }

  static Item about(String text, Focus focus) {
    return new Item(text, Role.FOCUS, Optional.of(focus));
  }
}
