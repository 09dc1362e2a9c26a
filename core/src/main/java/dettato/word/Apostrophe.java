package dettato.word;

import java.util.Locale;

/** The apostrophe inside a word, in its straight and its curly forms. */
public final class Apostrophe {
  static final char SIGN = '\'';

  private Apostrophe() {}

  /** The same text with straight apostrophes. */
  public static String straight(String text) {
    return text.replace('’', SIGN).replace('‘', SIGN);
  }

  /** The same text without apostrophes. */
  public static String without(String text) {
    return straight(text).replace("'", "");
  }

  /**
   * How many letters a to z stand before the first apostrophe inside a text, -1 when there is none:
   * one at an edge is a quotation mark.
   */
  public static int place(String text) {
    String known = straight(text).toLowerCase(Locale.ROOT).replaceAll("[^a-z']", "");
    return known.replaceAll("^'+|'+$", "").indexOf(SIGN);
  }

  /** How many letters stand after the last apostrophe inside a text, -1 when there is none. */
  public static int lettersAfter(String text) {
    String inside = straight(text).strip().replaceAll("^'+|'+$", "");
    int at = inside.lastIndexOf(SIGN);
    return at < 0 ? -1 : letters(inside.substring(at));
  }

  /** The same letters with an apostrophe before the last few of them. */
  static String before(String letters, int last) {
    int at = letters.length() - last;
    return at <= 0 ? letters : letters.substring(0, at) + SIGN + letters.substring(at);
  }

  private static int letters(String text) {
    return (int) text.chars().filter(Character::isLetter).count();
  }
}
