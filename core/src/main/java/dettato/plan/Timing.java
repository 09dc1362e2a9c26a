package dettato.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;

/**
 * How much longer, or shorter, than planned the parts of a session take in one class, learnt from
 * its log. Few runs say little: each kind is drawn towards the class, the class towards what is
 * planned.
 */
public final class Timing {
  /** Nothing is known of the class. */
  public static final Timing NONE = new Timing(List.of());

  /** What is planned weighs as much as so many runs. */
  private static final double PRIOR = 2;

  /** A run that was left open all morning says no more than one three times as long. */
  private static final double MOST = 3;

  private final List<Run> runs;

  /**
   * One block as it was given.
   *
   * @param planned seconds, as they would be with nothing learnt
   * @param took seconds
   */
  public record Run(String kind, int planned, int took) {
    private double ratio() {
      return Math.min(MOST, Math.max(1 / MOST, (double) took / Math.max(1, planned)));
    }
  }

  /**
   * How far plans were off, as parts of what the blocks took: the median.
   *
   * @param before with nothing learnt
   * @param after each run told from those before it
   */
  public record Error(int runs, double before, double after) {}

  /**
   * @param runs oldest first
   */
  public Timing(List<Run> runs) {
    this.runs = List.copyOf(runs);
  }

  /** What planned seconds of a kind are multiplied by. */
  public double factor(String kind) {
    double whole = drawn(1, runs.stream().mapToDouble(Run::ratio));
    return drawn(whole, runs.stream().filter(r -> r.kind.equals(kind)).mapToDouble(Run::ratio));
  }

  private static double drawn(double towards, DoubleStream ratios) {
    double[] all = ratios.toArray();
    return (PRIOR * towards + DoubleStream.of(all).sum()) / (PRIOR + all.length);
  }

  /** How many runs it rests on. */
  public int runs() {
    return runs.size();
  }

  /** How far plans were off before and after learning. */
  public Error error() {
    List<Double> before = new ArrayList<>();
    List<Double> after = new ArrayList<>();
    for (int i = 0; i < runs.size(); i++) {
      Run run = runs.get(i);
      double factor = new Timing(runs.subList(0, i)).factor(run.kind);
      before.add(off(run.planned, run.took));
      after.add(off(run.planned * factor, run.took));
    }
    return new Error(runs.size(), median(before), median(after));
  }

  private static double off(double planned, int took) {
    return Math.abs(planned - took) / Math.max(1, took);
  }

  private static double median(List<Double> of) {
    List<Double> sorted = of.stream().sorted().toList();
    return sorted.isEmpty() ? 0 : sorted.get(sorted.size() / 2);
  }
}
