package dettato.mark;

import dettato.word.Apostrophe;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** The words of a written sentence, and how far two of them are apart. */
final class Tokens {
  private static final Pattern PARTED = Pattern.compile("-\\s*\\R\\s*");
  private static final Pattern WORDS =
      Pattern.compile(
          "[\\p{L}\\p{M}\\p{N}']+|(?<!\\S)(?:[*_]+|\\?+(?=\\s+\\p{L}))(?![^\\s.!?,\"])");

  /** How far a word is from one that cannot be read. */
  private static final double UNKNOWN = 0.5;

  private static final LevenshteinDistance LETTERS = LevenshteinDistance.getDefaultInstance();

  private Tokens() {}

  /**
   * Words as written, marks set aside; an apostrophe belongs to its word. A word parted by a hyphen
   * at the end of a line is one, and what cannot be read (***, ____, a ? before other words) is one
   * too.
   */
  static List<String> of(String sentence) {
    return WORDS
        .matcher(PARTED.matcher(straight(sentence)).replaceAll(""))
        .results()
        .map(MatchResult::group)
        .map(w -> w.matches("[^'].*[sS]'") ? w : w.replaceAll("^'+|'+$", ""))
        .filter(w -> !w.isEmpty())
        .toList();
  }

  /** Whether it stands for a word that nobody can read. */
  static boolean isUnreadable(String word) {
    return word.chars().noneMatch(Character::isLetterOrDigit);
  }

  /** How many letters stand after a word's apostrophe: 0 for girls', -1 when it has none. */
  static int lettersAfterApostrophe(String word) {
    return word.endsWith("'") ? 0 : Apostrophe.lettersAfter(word);
  }

  /** A word without the apostrophe at its end. */
  static String bare(String word) {
    return word.endsWith("'") ? word.substring(0, word.length() - 1) : word;
  }

  /** The same text with straight apostrophes and quotes. */
  static String straight(String text) {
    return Apostrophe.straight(text).replace('“', '"').replace('”', '"');
  }

  /** Small letters without apostrophes. */
  static String plain(String word) {
    return Apostrophe.without(word.toLowerCase(Locale.ROOT));
  }

  /** Share of letters that differ, case and apostrophes aside, in [0, 1]. */
  static double difference(String a, String b) {
    if (isUnreadable(a) || isUnreadable(b)) {
      return UNKNOWN;
    }
    String x = plain(a);
    String y = plain(b);
    return LETTERS.apply(x, y) / (double) Math.max(1, Math.max(x.length(), y.length()));
  }
}
