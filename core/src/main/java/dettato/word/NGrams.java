package dettato.word;

import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.Map;

/**
 * How likely one thing follows those before it, counted from runs of them. A history is the last
 * things packed into one number, ten bits each, the latest lowest; see {@link #START} and {@link
 * #after}.
 *
 * <p>Source: interpolated Kneser–Ney smoothing with one discount, Chen and Goodman, "An empirical
 * study of smoothing techniques for language modeling", Computer Speech and Language 13(4), 1999.
 * Kept as in a back-off table: a chance for what was seen, a weight for each context. Asking costs
 * O(order).
 */
public final class NGrams {
  /** Stands before the first and after the last of a run. */
  public static final int EDGE = 1023;

  /** The history before a run. */
  public static final long START = -1L >>> 4;

  private static final int BITS = 10;
  private static final double DISCOUNT = 0.8;

  /** The chance of a thing never seen at all. */
  private static final double FLOOR = 1e-6;

  private final int order;
  private final LongFloats chances;
  private final LongFloats weights;

  /**
   * @param order how many things are looked at together, 1 to 6
   * @param runs of numbers from 0 to 1022; one with a negative number is passed over
   */
  public NGrams(int order, Collection<int[]> runs) {
    if (order < 1 || order > 6) {
      throw new IllegalArgumentException("order is 1 to 6, not " + order);
    }
    this.order = order;
    Counts counts = new Counts(order);
    runs.stream().filter(r -> Arrays.stream(r).allMatch(i -> i >= 0)).forEach(counts::add);
    counts.spread();
    this.weights = new LongFloats(counts.totals.size());
    counts.totals.forEach(
        (context, total) -> weights.put(context, (float) (DISCOUNT * total[1] / total[0])));
    this.chances = new LongFloats(counts.counts.size());
    for (long key : sorted(counts.counts.keySet())) {
      long context = key >>> BITS;
      int[] total = counts.totals.getOrDefault(context, new int[2]);
      double own = (counts.counts.getOrDefault(key, 0) - DISCOUNT) / total[0];
      chances.put(key, (float) (own + weight(context) * shorter(key)));
    }
  }

  /** The history after one more thing. */
  public static long after(long history, int thing) {
    return (history << BITS | thing) & START;
  }

  /** The natural logarithm of the chance that {@code next} follows the history. */
  public double log(long history, int next) {
    double weight = 1;
    for (int length = order - 1; length >= 0; length--) {
      long context = context(history, length);
      float chance = chances.get(context << BITS | next);
      if (chance >= 0) {
        return Math.log(weight * chance);
      }
      weight *= weight(context);
    }
    return Math.log(weight * FLOOR + 1e-12);
  }

  /** A context is marked by its length, so that none is the head of another. */
  private static long context(long history, int length) {
    long mask = (1L << BITS * length) - 1;
    return (length + 1L) << BITS * length | history & mask;
  }

  private double weight(long context) {
    float weight = weights.get(context);
    return weight < 0 ? 1 : weight;
  }

  /** The chance of the same thing after a context one shorter; keys sort short before long. */
  private double shorter(long key) {
    int length = length(key >>> BITS);
    if (length == 0) {
      return FLOOR;
    }
    long history = key >>> BITS;
    return chances.get(context(history, length - 1) << BITS | key & ((1L << BITS) - 1));
  }

  private static int length(long context) {
    int length = 0;
    while (context >>> BITS * length != length + 1L) {
      length++;
    }
    return length;
  }

  private static long[] sorted(Collection<Long> keys) {
    return keys.stream().mapToLong(Long::longValue).sorted().toArray();
  }

  /** Counts while they are made. */
  private static final class Counts {
    private final int order;
    private Map<Long, Integer> counts = new HashMap<>();
    private final Map<Long, int[]> totals = new HashMap<>();

    Counts(int order) {
      this.order = order;
    }

    void add(int[] run) {
      long history = START;
      for (int i = 0; i <= run.length; i++) {
        int next = i < run.length ? run[i] : EDGE;
        counts.merge(context(history, order - 1) << BITS | next, 1, Integer::sum);
        history = after(history, next);
      }
    }

    /** Shorter runs count in how many different surroundings they stand, not how often. */
    void spread() {
      Map<Long, Integer> level = counts;
      counts = new HashMap<>();
      for (int length = order - 1; length >= 0; length--) {
        Map<Long, Integer> below = new HashMap<>();
        for (Map.Entry<Long, Integer> e : level.entrySet()) {
          long context = e.getKey() >>> BITS;
          counts.put(e.getKey(), e.getValue());
          int[] total = totals.computeIfAbsent(context, c -> new int[2]);
          total[0] += e.getValue();
          total[1]++;
          if (length > 0) {
            below.merge(
                context(context, length - 1) << BITS | e.getKey() & ((1L << BITS) - 1),
                1,
                Integer::sum);
          }
        }
        level = below;
      }
    }
  }
}
