package dettato.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Iterator;
import java.util.List;
import java.util.Random;

/**
 * Mixes groups so that nobody can guess which comes next. Were no group to come three times
 * running, whoever says the same twice and then the other would be right at two places of three; so
 * one run of three is allowed, and orders are taken that no guesser reads.
 */
public final class Unpredictable {
  /** The longest run of one group that is left standing. */
  public static final int LONGEST_RUN = 3;

  /** The part of the places that a guesser may be right on. */
  public static final double MOST_GUESSED = 0.58;

  /** Shorter orders tell a guesser too little. */
  public static final int FEWEST = 6;

  /** A longer list is drawn from, and given to nobody as it stands. */
  private static final int SHEET = 24;

  /** So many in turns (abab) give the turn away. */
  private static final int TURNS = 6;

  private static final int TRIES = 500;

  private Unpredictable() {}

  /**
   * All of all groups in one order, each group's own order kept; of many shuffles the best when
   * none is good.
   */
  public static <T> List<T> mix(List<List<T>> groups, Random random) {
    List<Integer> labels = new ArrayList<>();
    for (int g = 0; g < groups.size(); g++) {
      labels.addAll(Collections.nCopies(groups.get(g).size(), g));
    }
    List<Integer> best = List.copyOf(labels);
    double fewest = faults(best);
    for (int i = 0; i < TRIES && fewest > 0; i++) {
      Collections.shuffle(labels, random);
      double some = faults(labels);
      if (some < fewest) {
        fewest = some;
        best = List.copyOf(labels);
      }
    }
    List<Iterator<T>> next = groups.stream().map(List::iterator).toList();
    return best.stream().map(label -> next.get(label).next()).toList();
  }

  private static double faults(List<Integer> labels) {
    int run = labels.size() < FEWEST ? 2 : LONGEST_RUN;
    double tooLong = Math.max(0, longestRun(labels) - run) * 2.0;
    double often = Math.max(0, runs(labels, LONGEST_RUN) - 1);
    double turns = alternates(labels) ? 1 : 0;
    double guessed =
        labels.size() < FEWEST || labels.size() > SHEET
            ? 0
            : Math.max(0, Guessers.best(labels).share() - MOST_GUESSED);
    return tooLong + often + turns + guessed;
  }

  /** How many runs are so long. */
  private static int runs(List<?> labels, int length) {
    int runs = 0;
    int run = 0;
    for (int i = 0; i < labels.size(); i++) {
      run = i > 0 && labels.get(i).equals(labels.get(i - 1)) ? run + 1 : 1;
      runs += run == length ? 1 : 0;
    }
    return runs;
  }

  /** How long the longest run of one label is. */
  public static int longestRun(List<?> labels) {
    int longest = 0;
    int run = 0;
    for (int i = 0; i < labels.size(); i++) {
      run = i > 0 && labels.get(i).equals(labels.get(i - 1)) ? run + 1 : 1;
      longest = Math.max(longest, run);
    }
    return longest;
  }

  /** Whether two labels take turns for so long that the next can be guessed; four or more do. */
  public static boolean alternates(List<?> labels) {
    int turns = 0;
    int longest = 0;
    for (int i = 0; i < labels.size(); i++) {
      boolean turn =
          i >= 2
              && labels.get(i).equals(labels.get(i - 2))
              && !labels.get(i).equals(labels.get(i - 1));
      turns = turn ? Math.max(turns, 2) + 1 : 0;
      longest = Math.max(longest, turns);
    }
    return longest >= Math.min(TURNS, Math.max(4, labels.size()));
  }
}
