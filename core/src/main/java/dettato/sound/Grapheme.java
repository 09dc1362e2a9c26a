package dettato.sound;

import dettato.input.Unacceptable;

/**
 * The one to four letters that spell one sound in one word.
 *
 * @param text the letters; a split digraph has a gap, as in a_e
 */
public record Grapheme(String text) {
  public Grapheme {
    if (text.isEmpty() || text.startsWith("_")) {
      throw new Unacceptable("'" + text + "' is not a grapheme");
    }
  }

  /** Whether the letters stand around a consonant, as in cake. */
  public boolean isSplit() {
    return text.indexOf('_') > 0;
  }

  /** The letters that stand together: all of them, or those before the gap. */
  public String head() {
    return isSplit() ? text.substring(0, headLength()) : text;
  }

  /** How many letters stand together. */
  public int headLength() {
    int gap = text.indexOf('_');
    return gap < 0 ? text.length() : gap;
  }

  /** The letters without the gap. */
  public String letters() {
    return text.replace("_", "");
  }

  @Override
  public String toString() {
    return text;
  }
}
