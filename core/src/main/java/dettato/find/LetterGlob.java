package dettato.find;

import dettato.input.Unacceptable;
import java.util.Locale;

/** A pattern of letters, ? for any one and * for any number. */
final class LetterGlob {
  private final String glob;

  /**
   * @throws Unacceptable when it holds anything but letters, ? and *
   */
  LetterGlob(String pattern) {
    String lower = pattern.strip().toLowerCase(Locale.ROOT);
    if (!lower.matches("[a-z?*']*")) {
      throw new Unacceptable(
          "'" + pattern + "' is no pattern of letters. Use a to z, ? for one letter, * for any.");
    }
    this.glob = lower.matches(".*[?*].*") ? lower : "*" + lower + "*";
  }

  /** Whether a spelling fits, without backtracking over more than the last star. */
  boolean fits(String spelling) {
    int star = -1;
    int mark = 0;
    int at = 0;
    int g = 0;
    while (at < spelling.length()) {
      if (g < glob.length() && (glob.charAt(g) == '?' || glob.charAt(g) == spelling.charAt(at))) {
        g++;
        at++;
      } else if (g < glob.length() && glob.charAt(g) == '*') {
        star = g++;
        mark = at;
      } else if (star >= 0) {
        g = star + 1;
        at = ++mark;
      } else {
        return false;
      }
    }
    while (g < glob.length() && glob.charAt(g) == '*') {
      g++;
    }
    return g == glob.length();
  }
}
