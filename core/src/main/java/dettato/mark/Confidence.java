package dettato.mark;

import java.util.List;

/**
 * How often an explanation is the right one, by its lead over the next and by how much of the
 * attempt it leaves unexplained.
 */
final class Confidence {
  /** Shares by lead in points: 0, 1, 2, 3, 4 … the last for all greater ones. */
  private static final List<Double> BY_LEAD =
      List.of(0.5, 0.6, 0.7, 0.8, 0.85, 0.9, 0.93, 0.95, 0.97);

  private static final double UNEXPLAINED = 0.3;

  private Confidence() {}

  static double of(Mark mark, int lead) {
    long foreign = mark.units().stream().filter(u -> !u.verdict().heard()).count();
    boolean unexplained = foreign * 2 > mark.units().size();
    double share = BY_LEAD.get(Math.min(Math.max(0, lead), BY_LEAD.size() - 1));
    return unexplained ? Math.min(UNEXPLAINED, share) : share;
  }
}
