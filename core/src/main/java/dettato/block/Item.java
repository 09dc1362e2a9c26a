package dettato.block;

import dettato.focus.Focus;
import java.util.Optional;

/**
 * One thing a session asks.
 *
 * @param text the word or sentence dictated
 * @param role why it stands there
 * @param focus what it was chosen for; empty for one of the teacher's own
 * @param why it was chosen, in one line; "" where the word itself tells
 */
public record Item(String text, Role role, Optional<Focus> focus, String why) {

  /** Why an item stands in its block. */
  public enum Role {
    /** It tests what the session is about. */
    FOCUS,
    /** It was met before, and is due again. */
    REVIEW,
    /** It asks a condition that was not practised lately, unaided. */
    ASSESSED,
    /** The teacher put it there. */
    OWN
  }

  private static final int LONGEST_WHY = 200;

  /** A reason short enough to be kept. */
  static String brief(String why) {
    return why.length() > LONGEST_WHY ? why.substring(0, LONGEST_WHY - 1) + "…" : why;
  }

  public static Item own(String text) {
    return new Item(text, Role.OWN, Optional.empty(), "");
  }

  static Item about(String text, Focus focus) {
    return new Item(text, Role.FOCUS, Optional.of(focus), "");
  }
}
