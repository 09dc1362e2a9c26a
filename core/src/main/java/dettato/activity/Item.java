package dettato.activity;

import dettato.focus.Focus;
import dettato.prompt.Prompt;
import java.util.Optional;

/**
 * One thing a session asks.
 *
 * @param role why it stands there
 * @param focus what it was chosen for; empty for one of the teacher's own
 * @param why it was chosen, in one line; "" where the word itself tells
 */
public record Item(Prompt prompt, Role role, Optional<Focus> focus, String why) {

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

  /** What it asks, in one line. */
  public String text() {
    return prompt.text();
  }

  /** A reason short enough to be kept. */
  public static String brief(String why) {
    return why.length() > LONGEST_WHY ? why.substring(0, LONGEST_WHY - 1) + "…" : why;
  }

  public static Item own(Prompt prompt) {
    return new Item(prompt, Role.OWN, Optional.empty(), "");
  }

  /** A word chosen for a focus. */
  public static Item word(String spelling, Focus focus) {
    return about(new Prompt.Word(spelling), focus);
  }

  public static Item about(Prompt prompt, Focus focus) {
    return new Item(prompt, Role.FOCUS, Optional.of(focus), "");
  }
}
