package dettato.text;

import java.util.Arrays;
import java.util.List;

/**
 * A sentence to dictate.
 *
 * @param text as it is written, with its marks
 */
public record Sentence(String text) {

  /** What its end mark makes of it. */
  public enum Kind {
    STATEMENT,
    QUESTION,
    EXCLAMATION
  }

  public List<String> words() {
    return wordsOf(text);
  }

  /** The words of a text, without its marks. */
  public static List<String> wordsOf(String text) {
    return Arrays.stream(text.split("[^\\p{L}'’-]+"))
        .filter(w -> w.chars().anyMatch(Character::isLetter))
        .toList();
  }

  public boolean hasEndMark() {
    return text.matches("(?s).*[.?!][\"'”’]*\\s*");
  }

  public Kind kind() {
    String end = text.replaceAll("[\"'”’\\s]+$", "");
    return end.endsWith("?")
        ? Kind.QUESTION
        : end.endsWith("!") ? Kind.EXCLAMATION : Kind.STATEMENT;
  }
}
