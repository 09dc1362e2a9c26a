package dettato.deck;

import java.util.Optional;

/**
 * One card: what is shown or said, and what the class answers.
 *
 * @param front letters, a sound between strokes, an ending with its hyphen, or a word
 * @param back what is right
 */
public record Card(Kind kind, String front, String back) {

  /** What a card asks. */
  public enum Kind {
    /** Letters are shown: say the sound. */
    GRAPHEME("say the sound"),
    /** A sound is said: write or say every spelling taught. */
    SOUND("say every spelling you know"),
    /** An ending is shown: say it. Endings never sleep. */
    ENDING("say the ending"),
    /** A word is said: spell it from memory. */
    IRREGULAR("spell it");

    private final String asks;

    Kind(String asks) {
      this.asks = asks;
    }

    /** What the class is to do. */
    public String asks() {
      return asks;
    }
  }

  /** The back of a card whose word is its own answer. */
  static final String BY_HEART = "by heart";

  /** The same in one line, as it stands on a sheet: {@code ai [/eɪ/]}. */
  public String text() {
    return front + " [" + back + "]";
  }

  /** What never changes of it while more is taught: records name it. */
  public String id() {
    return kind.name() + " " + front;
  }

  /** The card of a line as {@link #text} writes it; empty for anything else. */
  public static Optional<Card> read(String text) {
    int open = text.indexOf(" [");
    if (open <= 0 || !text.endsWith("]")) {
      return Optional.empty();
    }
    String front = text.substring(0, open).strip();
    String back = text.substring(open + 2, text.length() - 1).strip();
    return back.isEmpty()
        ? Optional.empty()
        : Optional.of(new Card(kind(front, back), front, back));
  }

  private static Kind kind(String front, String back) {
    if (front.startsWith("/")) {
      return Kind.SOUND;
    }
    if (front.startsWith("-")) {
      return Kind.ENDING;
    }
    return back.equals(BY_HEART) ? Kind.IRREGULAR : Kind.GRAPHEME;
  }
}
