package dettato.notation;

import java.util.Locale;

/**
 * Lines of a drawing as paths of M, L and C alone, which every screen and printer draws. Lengths
 * are thousandths of the letters' size, from the baseline down.
 */
final class Pen {
  /** How far a cubic curve's handles stand for a quarter of a circle. */
  private static final double ROUND = 0.5523;

  private Pen() {}

  static String line(double x1, double y1, double x2, double y2) {
    return path("M %.0f %.0f L %.0f %.0f", x1, y1, x2, y2);
  }

  /** A curve that hangs from two points. */
  static String hanging(double x1, double x2, double y, double depth) {
    double handle = Math.min(depth, (x2 - x1) / 2);
    double low = y + depth * 4 / 3;
    return path(
        "M %.0f %.0f C %.0f %.0f %.0f %.0f %.0f %.0f",
        x1, y, x1 + handle / 3, low, x2 - handle / 3, low, x2, y);
  }

  static String ellipse(double left, double top, double right, double bottom) {
    double x = (left + right) / 2;
    double y = (top + bottom) / 2;
    double a = (right - left) / 2 * ROUND;
    double b = (bottom - top) / 2 * ROUND;
    return path("M %.0f %.0f", left, y)
        + curve(left, y - b, x - a, top, x, top)
        + curve(x + a, top, right, y - b, right, y)
        + curve(right, y + b, x + a, bottom, x, bottom)
        + curve(x - a, bottom, left, y + b, left, y);
  }

  static String box(double left, double top, double right, double bottom) {
    return path(
        "M %.0f %.0f L %.0f %.0f L %.0f %.0f L %.0f %.0f L %.0f %.0f",
        left, top, right, top, right, bottom, left, bottom, left, top);
  }

  /** A line that goes down at its start, then along. */
  static String steps(double x1, double high, double x2, double low) {
    return path("M %.0f %.0f L %.0f %.0f L %.0f %.0f", x1, high, x1, low, x2, low);
  }

  private static String curve(double... to) {
    return path(" C %.0f %.0f %.0f %.0f %.0f %.0f", to[0], to[1], to[2], to[3], to[4], to[5]);
  }

  private static String path(String form, Object... numbers) {
    return String.format(Locale.ROOT, form, numbers);
  }
}
