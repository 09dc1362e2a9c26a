package dettato.notation;

import java.util.ArrayList;
import java.util.List;

/** The lines of a drawing, each shape in its own lane above, on or below the letters. */
final class Lines {
  private static final String TALL = "bdfhijklt";
  private static final String DEEP = "gjpqy";
  private static final int LOW_TOP = 540;
  private static final int TALL_TOP = 800;
  private static final int DEPTH = 250;
  private static final int CLOSE = 290;
  private static final int ARC = 340;
  private static final int UNDER = 390;
  private static final int HANG = 130;
  private static final int DOT = 55;
  private static final int AROUND = 70;
  private static final int ASIDE = 25;
  private static final int OVER = 80;
  private static final int FRAME_TOP = 900;
  private static final int FRAME_BOTTOM = 380;
  private static final int LINE_TOP = 880;
  private static final int LINE_BOTTOM = 330;
  private static final int HALF_BREVE = 150;
  private static final int TICK_TOP = 960;
  private static final int TICK_BOTTOM = 820;
  private static final int BAND_LOW = 60;
  private static final int STEP_DOWN = 60;

  private final List<Drawing.Line> all = new ArrayList<>();
  private int top;
  private int bottom;

  List<Drawing.Line> all() {
    return all;
  }

  int top() {
    return top + DOT;
  }

  int bottom() {
    return bottom + DOT;
  }

  void removeLast() {
    all.remove(all.size() - 1);
  }

  /**
   * The letters a line is put on, in the units of the drawing.
   *
   * @param high how far they reach above the line, {@code low} below it
   */
  private record Under(double left, double right, int high, int low) {
    static Under of(double left, double right, String letters) {
      return new Under(
          left,
          right,
          letters.chars().anyMatch(c -> isTall((char) c)) ? TALL_TOP : LOW_TOP,
          letters.chars().anyMatch(c -> DEEP.indexOf(c) >= 0) ? DEPTH : 0);
    }

    double middle() {
      return (left + right) / 2;
    }

    /** A line right above the letters. */
    int over() {
      return -high - OVER;
    }

    String frame(int aside, int above, int below) {
      return Pen.box(left - aside, -high - above, right + aside, low + below);
    }
  }

  /** A path, and how far it reaches above and below the line that letters stand on. */
  private record Path(String path, int above, int below) {
    static Path below(int reach, String path) {
      return new Path(path, 0, reach);
    }

    static Path above(int reach, String path) {
      return new Path(path, reach, 0);
    }
  }

  /**
   * @param on the letters it is put on
   */
  void add(Shape shape, double left, double right, String on, boolean strong) {
    if (shape == Shape.HOLLOW) {
      return; // Drawn in the letters themselves.
    }
    Path path = path(shape, Under.of(left, right, on));
    top = Math.max(top, path.above);
    bottom = Math.max(bottom, path.below);
    all.add(new Drawing.Line(shape, path.path, paint(shape), strong));
  }

  private static Path path(Shape shape, Under u) {
    double middle = u.middle();
    return switch (shape) {
      case DOT -> Path.below(UNDER, circle(middle, UNDER));
      case BAR -> Path.below(UNDER, Pen.line(u.left + ASIDE, UNDER, u.right - ASIDE, UNDER));
      case UNDERLINE -> Path.below(CLOSE, Pen.line(u.left + ASIDE, CLOSE, u.right - ASIDE, CLOSE));
      case ARC -> Path.below(ARC + HANG, Pen.hanging(u.left, u.right, ARC, HANG));
      case SCOOP -> Path.below(UNDER + HANG, Pen.hanging(u.left, u.right, UNDER, HANG));
      case STEP ->
          Path.below(
              UNDER + STEP_DOWN, Pen.steps(u.left - ASIDE, CLOSE, u.right, UNDER + STEP_DOWN));
      case BREVE ->
          Path.above(
              OVER - u.over(),
              Pen.hanging(middle - HALF_BREVE, middle + HALF_BREVE, u.over() - OVER, OVER));
      case MACRON ->
          Path.above(
              -u.over(), Pen.line(middle - HALF_BREVE, u.over(), middle + HALF_BREVE, u.over()));
      case DOT_ABOVE -> Path.above(-u.over(), circle(middle, u.over()));
      case TICK -> Path.above(TICK_TOP, Pen.line(middle, -TICK_TOP, middle, -TICK_BOTTOM));
      case OVERLINE -> Path.above(LINE_TOP, Pen.line(u.left, -LINE_TOP, u.right, -LINE_TOP));
      case RING ->
          new Path(
              Pen.ellipse(u.left - AROUND, -u.high - AROUND, u.right + AROUND, u.low + AROUND),
              u.high + AROUND,
              u.low + AROUND);
      case BOX -> new Path(u.frame(ASIDE, AROUND, AROUND), u.high + AROUND, u.low + AROUND);
      case BAND -> new Path(u.frame(ASIDE, ASIDE, BAND_LOW), u.high + ASIDE, u.low + BAND_LOW);
      case STROKE -> new Path(Pen.line(u.left, OVER, u.right, -u.high), u.high, OVER);
      case BEAT_LINE ->
          new Path(Pen.line(middle, -LINE_TOP, middle, LINE_BOTTOM), LINE_TOP, LINE_BOTTOM);
      case FRAME ->
          new Path(Pen.box(u.left, -FRAME_TOP, u.right, FRAME_BOTTOM), FRAME_TOP, FRAME_BOTTOM);
      case HOLLOW -> throw new IllegalArgumentException(shape + " is no line");
    };
  }

  private static boolean isTall(char letter) {
    return TALL.indexOf(letter) >= 0 || Character.isUpperCase(letter);
  }

  private static String circle(double x, double y) {
    return Pen.ellipse(x - DOT, y - DOT, x + DOT, y + DOT);
  }

  private static Drawing.Paint paint(Shape shape) {
    return switch (shape) {
      case DOT, DOT_ABOVE -> Drawing.Paint.FULL;
      case BAND -> Drawing.Paint.TINT;
      default -> Drawing.Paint.LINE;
    };
  }
}
