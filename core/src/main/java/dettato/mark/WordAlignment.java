package dettato.mark;

import java.util.ArrayList;
import java.util.List;

/**
 * Pairs the words of a dictated sentence with those written, at the least total of letters that
 * differ.
 *
 * <p>Source: Wagner and Fischer, J. ACM 21(1), 1974, on words in place of letters; besides pairing,
 * leaving out and adding, up to eight words may be joined, and two split or exchanged. Ties: pair,
 * exchange, join, split, leave out, add. Time O(words × words).
 */
final class WordAlignment {
  private static final double GAP = 0.7;
  private static final double AGAIN = 0.3;
  private static final double ACROSS = 0.2;
  private static final double EXCHANGED = 0.3;
  private static final List<int[]> STEPS =
      List.of(
          new int[] {1, 1},
          new int[] {2, 2},
          new int[] {2, 1},
          new int[] {3, 1},
          new int[] {4, 1},
          new int[] {5, 1},
          new int[] {6, 1},
          new int[] {7, 1},
          new int[] {8, 1},
          new int[] {1, 2},
          new int[] {1, 0},
          new int[] {0, 1});

  private final List<String> wanted;
  private final List<String> written;
  private final double[][] cost;
  private final int[][] step;

  /** A step: words {@code wanted}.. and {@code written}.. belong together. */
  record Pair(int wanted, int wantedCount, int written, int writtenCount) {}

  WordAlignment(List<String> wanted, List<String> written) {
    this.wanted = wanted;
    this.written = written;
    this.cost = new double[wanted.size() + 1][written.size() + 1];
    this.step = new int[wanted.size() + 1][written.size() + 1];
    for (int i = wanted.size(); i >= 0; i--) {
      for (int j = written.size(); j >= 0; j--) {
        choose(i, j);
      }
    }
  }

  List<Pair> pairs() {
    List<Pair> pairs = new ArrayList<>();
    int i = 0;
    int j = 0;
    while (i < wanted.size() || j < written.size()) {
      int[] taken = STEPS.get(step[i][j]);
      pairs.add(new Pair(i, taken[0], j, taken[1]));
      i += taken[0];
      j += taken[1];
    }
    return pairs;
  }

  private void choose(int i, int j) {
    if (i == wanted.size() && j == written.size()) {
      return;
    }
    double best = Double.POSITIVE_INFINITY;
    for (int s = 0; s < STEPS.size(); s++) {
      int toI = i + STEPS.get(s)[0];
      int toJ = j + STEPS.get(s)[1];
      if (toI > wanted.size() || toJ > written.size()) {
        continue;
      }
      double total = cost[toI][toJ] + price(i, toI - i, j, toJ - j);
      if (total < best) {
        best = total;
        step[i][j] = s;
      }
    }
    cost[i][j] = best;
  }

  private double price(int i, int words, int j, int others) {
    if (words == 0) {
      boolean again = j > 0 && written.get(j).equalsIgnoreCase(written.get(j - 1));
      return again ? AGAIN : GAP;
    }
    if (others == 0) {
      return GAP;
    }
    if (words == 1 && others == 1) {
      return Tokens.difference(wanted.get(i), written.get(j));
    }
    if (words == 2 && others == 2) {
      return EXCHANGED
          + Tokens.difference(wanted.get(i), written.get(j + 1))
          + Tokens.difference(wanted.get(i + 1), written.get(j));
    }
    return others == 1 ? joined(i, words, j) : split(i, j);
  }

  /** Several words in one; a word of which no letter is there is not in it. */
  private double joined(int i, int words, int j) {
    List<String> some = wanted.subList(i, i + words);
    if (words == 2 && Contractions.isWrittenOut(written.get(j), some.get(0), some.get(1))) {
      return ACROSS;
    }
    double price =
        ACROSS * (words - 1) + words * Tokens.difference(String.join("", some), written.get(j));
    boolean tempting = price < GAP * words;
    return tempting && JoinedWords.cut(some, written.get(j)).contains("")
        ? Double.POSITIVE_INFINITY
        : price;
  }

  private double split(int i, int j) {
    String word = wanted.get(i);
    return Contractions.isWrittenOut(word, written.get(j), written.get(j + 1))
        ? ACROSS
        : ACROSS + 2 * Tokens.difference(word, written.get(j) + written.get(j + 1));
  }
}
