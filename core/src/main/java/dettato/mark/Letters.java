package dettato.mark;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * What a child wrote, made ready for marking: lower-case letters without what is not spelling, and
 * the names of what was set aside.
 *
 * @param text letters, and apostrophes that the target has too
 * @param oddities gap, hyphen, capital; each at most once
 */
record Letters(String text, List<String> oddities) {
  static Letters of(String written, String target) {
    if (isPlain(written)) {
      return new Letters(written, List.of());
    }
    String composed =
        Normalizer.normalize(written, Normalizer.Form.NFC)
            .strip()
            .replace('’', '\'')
            .replace('‘', '\'');
    List<String> oddities = new ArrayList<>();
    StringBuilder kept = new StringBuilder(composed.length());
    boolean capital = false;
    boolean gap = false;
    boolean hyphen = false;
    for (int i = 0; i < composed.length(); i++) {
      char c = composed.charAt(i);
      if (Character.isWhitespace(c) || c == '_') {
        gap = true;
      } else if (c == '-' || c == '–') {
        hyphen = true;
      } else {
        capital |= i > 0 && Character.isUpperCase(c);
        kept.append(c);
      }
    }
    String text = kept.toString().toLowerCase(Locale.ROOT);
    if (target.indexOf('\'') < 0) {
      text = text.replace("'", "");
    }
    note(gap && target.indexOf(' ') < 0, "gap", oddities);
    note(hyphen, "hyphen", oddities);
    note(capital, "capital", oddities);
    return new Letters(text, oddities);
  }

  private static boolean isPlain(String written) {
    for (int i = 0; i < written.length(); i++) {
      if (written.charAt(i) < 'a' || written.charAt(i) > 'z') {
        return false;
      }
    }
    return true;
  }

  private static void note(boolean seen, String name, List<String> oddities) {
    if (seen) {
      oddities.add(name);
    }
  }
}
