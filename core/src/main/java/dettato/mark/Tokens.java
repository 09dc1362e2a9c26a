package dettato.mark;

import dettato.word.Apostrophe;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** The words of a written sentence, and how far two of them are apart. */
final class Tokens {
  private static final LevenshteinDistance LETTERS = LevenshteinDistance.getDefaultInstance();

  private Tokens() {}

  /** Words as written, marks set aside; an apostrophe belongs to its word. */
  static List<String> of(String sentence) {
    return Arrays.stream(straight(sentence).split("[^\\p{L}\\p{M}\\p{N}']+"))
        .map(w -> w.matches("[^'].*[sS]'") ? w : w.replaceAll("^'+|'+$", ""))
        .filter(w -> !w.isEmpty())
        .toList();
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
    String x = plain(a);
    String y = plain(b);
    return LETTERS.apply(x, y) / (double) Math.max(1, Math.max(x.length(), y.length()));
  }
}
