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
   * @param on the letters it is put on
   */
  void add(Shape shape, double left, double right, String on, boolean strong) {
    double middle = (left + right) / 2;
    int high = on.chars().anyMatch(c -> isTall((char) c)) ? TALL_TOP : LOW_TOP;
    int low = on.chars().anyMatch(c -> DEEP.indexOf(c) >= 0) ? DEPTH : 0;
    int over = -high - OVER;
    switch (shape) {
      case DOT -> put(shape, circle(middle, UNDER), strong, 0, UNDER);
      case BAR -> put(shape, Pen.line(left + ASIDE, UNDER, right - ASIDE, UNDER), strong, 0, UNDER);
      case UNDERLINE ->
          put(shape, Pen.line(left + ASIDE, CLOSE, right - ASIDE, CLOSE), strong, 0, CLOSE);
      case ARC -> put(shape, Pen.hanging(left, right, ARC, HANG), strong, 0, ARC + HANG);
      case SCOOP -> put(shape, Pen.hanging(left, right, UNDER, HANG), strong, 0, UNDER + HANG);
      case RING ->
          put(
              shape,
              Pen.ellipse(left - AROUND, -high - AROUND, right + AROUND, low + AROUND),
              strong,
              high + AROUND,
              low + AROUND);
      case BOX ->
          put(
              shape,
              Pen.box(left - ASIDE, -high - AROUND, right + ASIDE, low + AROUND),
              strong,
              high + AROUND,
              low + AROUND);
      case BREVE ->
          put(
              shape,
              Pen.hanging(middle - HALF_BREVE, middle + HALF_BREVE, over - OVER, OVER),
              strong,
              OVER - over,
              0);
      case MACRON ->
          put(
              shape,
              Pen.line(middle - HALF_BREVE, over, middle + HALF_BREVE, over),
              strong,
              -over,
              0);
      case DOT_ABOVE -> put(shape, circle(middle, over), strong, -over, 0);
      case STROKE -> put(shape, Pen.line(left, OVER, right, -high), strong, high, OVER);
      case BEAT_LINE ->
          put(
              shape,
              Pen.line(middle, -LINE_TOP, middle, LINE_BOTTOM),
              strong,
              LINE_TOP,
              LINE_BOTTOM);
      case FRAME ->
          put(
              shape,
              Pen.box(left, -FRAME_TOP, right, FRAME_BOTTOM),
              strong,
              FRAME_TOP,
              FRAME_BOTTOM);
      case TICK ->
          put(shape, Pen.line(middle, -TICK_TOP, middle, -TICK_BOTTOM), strong, TICK_TOP, 0);
      case BAND ->
          put(
              shape,
              Pen.box(left - ASIDE, -high - ASIDE, right + ASIDE, low + BAND_LOW),
              strong,
              high + ASIDE,
              low + BAND_LOW);
      case STEP ->
          put(
              shape,
              Pen.steps(left - ASIDE, CLOSE, right, UNDER + STEP_DOWN),
              strong,
              0,
              UNDER + STEP_DOWN);
      case OVERLINE -> put(shape, Pen.line(left, -LINE_TOP, right, -LINE_TOP), strong, LINE_TOP, 0);
      case HOLLOW -> {
        // Drawn in the letters themselves.
      }
    }
  }

  private static boolean isTall(char letter) {
    return TALL.indexOf(letter) >= 0 || Character.isUpperCase(letter);
  }

  private static String circle(double x, double y) {
    return Pen.ellipse(x - DOT, y - DOT, x + DOT, y + DOT);
  }

  private void put(Shape shape, String path, boolean strong, int above, int below) {
    top = Math.max(top, above);
    bottom = Math.max(bottom, below);
    all.add(new Drawing.Line(shape, path, paint(shape), strong));
  }

  private static Drawing.Paint paint(Shape shape) {
    return switch (shape) {
      case DOT, DOT_ABOVE -> Drawing.Paint.FULL;
      case BAND -> Drawing.Paint.TINT;
      default -> Drawing.Paint.LINE;
    };
  }
}
