package dettato.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Iterator;
import java.util.List;
import java.util.Random;

/** Mixes groups so that nobody can guess which comes next: no group more than twice in a row. */
public final class Unpredictable {
  /** The longest run of one group that is left standing. */
  static final int LONGEST_RUN = 2;

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
    for (int i = 0; i < TRIES && longestRun(best) > LONGEST_RUN; i++) {
      Collections.shuffle(labels, random);
      best = longestRun(labels) < longestRun(best) ? List.copyOf(labels) : best;
    }
    List<Iterator<T>> next = groups.stream().map(List::iterator).toList();
    return best.stream().map(label -> next.get(label).next()).toList();
  }

  private static int longestRun(List<Integer> labels) {
    int longest = 0;
    int run = 0;
    for (int i = 0; i < labels.size(); i++) {
      run = i > 0 && labels.get(i).equals(labels.get(i - 1)) ? run + 1 : 1;
      longest = Math.max(longest, run);
    }
    return longest;
  }
}
