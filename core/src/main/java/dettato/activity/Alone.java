package dettato.activity;

import java.util.List;

/**
 * An item as it stands by itself on a child's device, with no help in it.
 *
 * @param reading a text that it is about, "" for none
 * @param before words before the room to write, or what is asked
 * @param after words after the room to write
 * @param options to choose from; empty where it is written
 * @param isLong whether it is a sentence, or several words
 */
public record Alone(
    String reading, String before, String after, List<String> options, boolean isLong) {
  public Alone {
    options = List.copyOf(options);
  }

  /** What stands on a sheet for one item, by itself. */
  public static Alone of(Form form) {
    if (form instanceof Form.Choice choice) {
      return choice(choice.asks(), choice.options());
    }
    if (form instanceof Form.Room room) {
      boolean isLong = room.room() == Form.Size.SENTENCE || room.room() == Form.Size.PAIR;
      return new Alone("", room.before(), room.after(), List.of(), isLong);
    }
    throw new IllegalArgumentException(form + " is not one item's");
  }

  /** One answer of several. */
  public static Alone choice(String asks, List<String> options) {
    return new Alone("", asks, "", options, false);
  }

  /** The same about a text. */
  public Alone about(String text) {
    return new Alone(text, before, after, options, isLong);
  }
}
