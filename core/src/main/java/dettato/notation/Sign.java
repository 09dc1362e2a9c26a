package dettato.notation;

import java.util.List;

/**
 * A shape on some letters of a word.
 *
 * @param from the first letter
 * @param to after the last letter; the same as {@code from} for a line between letters
 * @param apart a letter that belongs to it and stands further on (the e of a split vowel), -1 for
 *     none
 * @param strong whether it is on the focus
 */
public record Sign(Shape shape, Meaning meaning, int from, int to, int apart, boolean strong) {
  /** As it was agreed on paper: the shape and the letters, such as "ring ff" or "arc a-e". */
  public String on(String letters) {
    String text = letters.substring(from, to);
    return shape.title()
        + " "
        + (shape == Shape.BEAT_LINE
            ? letters.substring(from)
            : apart < 0 ? text : text + "-" + letters.charAt(apart));
  }

  /** The signs of a word in words, for one who cannot see them. */
  public static String spoken(List<Sign> signs, String letters) {
    StringBuilder said = new StringBuilder();
    for (Sign sign : signs) {
      String on = sign.on(letters).substring(sign.shape.title().length() + 1);
      said.append(said.isEmpty() ? "" : ", ").append(sign.shape.says()).append(' ').append(on);
    }
    return said.toString();
  }
}
