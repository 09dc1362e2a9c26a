package dettato.word;

import java.util.HashMap;
import java.util.Map;

/**
 * How likely one thing follows two others, counted from runs of them. Smoothing: Witten and Bell,
 * IEEE Trans. Information Theory 37(4), 1991, method C, down to a floor for what was never seen.
 */
final class Trigrams {
  /** Stands before the first and after the last of a run. */
  static final int EDGE = 1023;

  private static final int BITS = 10;
  private static final double FLOOR = 1e-6;

  private final Map<Integer, Integer> counts = new HashMap<>();
  private final Map<Integer, int[]> contexts = new HashMap<>();

  /** Counts a run of numbers from 0 to 1022; one with a negative number is passed over. */
  void add(int[] run) {
    for (int one : run) {
      if (one < 0) {
        return;
      }
    }
    int a = EDGE;
    int b = EDGE;
    for (int i = 0; i <= run.length; i++) {
      int c = i < run.length ? run[i] : EDGE;
      count(triple(a, b), c);
      count(pair(b), c);
      count(0, c);
      a = b;
      b = c;
    }
  }

  /** The natural logarithm of the chance that {@code c} follows {@code a}, {@code b}. */
  double log(int a, int b, int c) {
    double one = smoothed(0, c, FLOOR);
    double two = smoothed(pair(b), c, one);
    return Math.log(smoothed(triple(a, b), c, two));
  }

  private double smoothed(int context, int c, double below) {
    int[] seen = contexts.get(context);
    if (seen == null) {
      return below;
    }
    int count = counts.getOrDefault(key(context, c), 0);
    return (count + seen[1] * below) / (seen[0] + seen[1]);
  }

  private void count(int context, int c) {
    int[] seen = contexts.computeIfAbsent(context, k -> new int[2]);
    seen[0]++;
    if (counts.merge(key(context, c), 1, Integer::sum) == 1) {
      seen[1]++;
    }
  }

  private static int key(int context, int c) {
    return context << BITS | c;
  }

  private static int pair(int b) {
    return 1 + b;
  }

  private static int triple(int a, int b) {
    return (1 + (1 << BITS)) + (a << BITS | b);
  }
}
