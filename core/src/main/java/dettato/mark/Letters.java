package dettato.mark;

import dettato.word.Apostrophe;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * What a child wrote, made ready for marking: lower-case letters without what is not spelling, and
 * the names of what was set aside.
 *
 * @param text letters
 * @param oddities gap, hyphen, capital, apostrophe (one that is not due, is left out or misplaced);
 *     each at most once; and small-letter
 */
record Letters(String text, List<String> oddities) {
  /**
   * @param afterApostrophe how many letters follow the target's apostrophe, -1 when it has none
   */
  static Letters of(String written, int afterApostrophe) {
    if (afterApostrophe < 0 && isPlain(written)) {
      return new Letters(written, List.of());
    }
    String composed =
        Apostrophe.straight(Normalizer.normalize(written, Normalizer.Form.NFC).strip());
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
    String text = Apostrophe.without(kept.toString().toLowerCase(Locale.ROOT));
    note(gap, "gap", oddities);
    note(hyphen, "hyphen", oddities);
    note(capital, "capital", oddities);
    boolean placed = Apostrophe.lettersAfter(composed) == afterApostrophe;
    note(!placed && !text.isEmpty(), "apostrophe", oddities);
    return new Letters(text, oddities);
  }

  /** The same, noting where a name, such as Monday, begins with a small letter. */
  Letters ofName(String written) {
    if (!Character.isLowerCase(written.codePointAt(0))) {
      return this;
    }
    List<String> all = new ArrayList<>(oddities);
    all.add("small-letter");
    return new Letters(text, all);
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
