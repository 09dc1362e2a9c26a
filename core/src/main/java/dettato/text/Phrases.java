package dettato.text;

import dettato.sound.Accent;
import dettato.word.Lexicon;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * A sentence in phrases of a few words, to be said and held in memory one at a time: broken where
 * the grammar allows, before a conjunction or a preposition, between a subject and its verb, but
 * never between a determiner, an adjective or a preposition and what it belongs to. Of all ways the
 * one with the least cost is taken; time O(words × longest).
 */
public final class Phrases {
  private static final int LONGEST = 5;
  private static final int FIT = 3;
  private static final int NEVER = 60;
  private static final int ALONE = 16;
  private static final int RATHER_NOT = 14;

  private static final Set<String> JOINING =
      Set.of(
          "and", "but", "or", "so", "when", "because", "that", "who", "which", "while", "until",
          "if", "as", "than", "where", "before", "after");
  private static final Set<String> PREPOSITIONS =
      Set.of(
          "in", "on", "at", "by", "for", "from", "with", "under", "over", "into", "onto", "to",
          "of", "off", "out", "up", "down", "along", "across", "behind", "beside", "between",
          "through", "past", "near", "round", "around", "about", "above", "below", "inside",
          "without", "until", "till", "against", "towards", "like");
  private static final Set<String> OPENING =
      Set.of(
          "a", "an", "the", "my", "your", "his", "her", "its", "our", "their", "this", "these",
          "those", "some", "any", "no", "each", "every", "one", "two", "three", "four", "five",
          "six", "seven", "eight", "nine", "ten", "very", "too", "so", "not", "all", "both", "many",
          "more", "most", "another", "much", "how", "what");
  private static final Set<String> HELPING =
      Set.of(
          "am", "is", "are", "was", "were", "be", "been", "do", "does", "did", "has", "have", "had",
          "can", "could", "will", "would", "shall", "should", "may", "might", "must", "don't",
          "can't", "won't", "didn't", "isn't", "let", "let's", "let’s");
  private static final Set<String> SUBJECTS =
      Set.of("i", "you", "he", "she", "it", "we", "they", "there", "who");

  private final Lexicon lexicon;
  private final Accent accent;

  public Phrases(Lexicon lexicon, Accent accent) {
    this.lexicon = lexicon;
    this.accent = accent;
  }

  /** The phrases in order, with their marks; one for a sentence of a few words. */
  public List<String> of(Sentence sentence) {
    List<String> words = Arrays.asList(sentence.text().split(" "));
    int n = words.size();
    int[] cost = new int[n + 1];
    int[] from = new int[n + 1];
    for (int end = 1; end <= n; end++) {
      cost[end] = Integer.MAX_VALUE;
      for (int start = Math.max(0, end - LONGEST); start < end; start++) {
        int length = end - start;
        int odd = (length - FIT) * (length - FIT) * 2 + (length == 1 ? ALONE : 0);
        int broken = end == n ? 0 : between(words.get(end - 1), words.get(end));
        int all = cost[start] + odd + broken;
        if (all < cost[end]) {
          cost[end] = all;
          from[end] = start;
        }
      }
    }
    List<String> phrases = new ArrayList<>();
    for (int end = n; end > 0; end = from[end]) {
      phrases.add(0, String.join(" ", words.subList(from[end], end)));
    }
    return phrases;
  }

  /** What it costs to break between two words. */
  private int between(String before, String after) {
    if (before.matches(".*[,;:.!?][\"'”’]*")) {
      return -2 * ALONE;
    }
    String left = plain(before);
    String right = plain(after);
    boolean opens = PREPOSITIONS.contains(right) || JOINING.contains(right);
    boolean names =
        Character.isUpperCase(before.charAt(0)) && Character.isUpperCase(after.charAt(0));
    if (OPENING.contains(left)
        || left.matches(".*['’]s")
        || !opens && isAdjective(left)
        || names && !left.equals("i")) {
      return NEVER;
    }
    if (JOINING.contains(right)) {
      return JOINING.contains(left) ? NEVER : 1;
    }
    if (PREPOSITIONS.contains(left) || JOINING.contains(left) || SUBJECTS.contains(left)) {
      return NEVER;
    }
    if (PREPOSITIONS.contains(right)) {
      return 2;
    }
    if (HELPING.contains(left)) {
      return HELPING.contains(right) || !OPENING.contains(right) ? NEVER : RATHER_NOT;
    }
    if (HELPING.contains(right)) {
      return 3;
    }
    return OPENING.contains(right) || SUBJECTS.contains(right) ? 4 : RATHER_NOT;
  }

  private boolean isAdjective(String word) {
    return lexicon
        .find(word, accent.id())
        .filter(w -> w.pos().contains("a") && !w.pos().contains("n") && !w.pos().contains("v"))
        .isPresent();
  }

  private static String plain(String word) {
    return word.toLowerCase(Locale.ROOT).replaceAll("[^a-z'’-]", "");
  }
}
