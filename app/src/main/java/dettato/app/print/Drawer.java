package dettato.app.print;

import com.openhtmltopdf.extend.FSObjectDrawer;
import com.openhtmltopdf.extend.OutputDevice;
import com.openhtmltopdf.render.RenderingContext;
import dettato.notation.Drawing;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.w3c.dom.Element;

/** Draws the lines of a {@link Drawing} on paper, over its letters. */
final class Drawer implements FSObjectDrawer {
  static final String TYPE = "image/x-marks";

  /**
   * How far below the top of a line of twice its size the face sets its baseline, in thousandths of
   * its size: half of what is left over, and its ascent.
   */
  static final int BASELINE = 1_415;

  private static final float LIGHT = 38;
  private static final float STRONG = 85;
  private static final float EDGE = 26;
  private static final Color INK = new Color(0x1f, 0x2a, 0x33);
  private static final Color TINT = new Color(0x1f, 0x2a, 0x33, 0x24);
  private static final Color DARKER = new Color(0x1f, 0x2a, 0x33, 0x4a);

  /** Lines as an attribute: l for a line, f for full, t for a tint; s or w; then the path. */
  static String coded(Drawing drawing) {
    return drawing.lines().stream()
        .map(l -> code(l.paint()) + (l.strong() ? "s" : "w") + l.path())
        .collect(Collectors.joining(";"));
  }

  private static String code(Drawing.Paint paint) {
    return switch (paint) {
      case LINE -> "l";
      case FULL -> "f";
      case TINT -> "t";
    };
  }

  /** Hollow letters as an attribute: where each stands, and which it is. */
  static String hollow(Drawing drawing) {
    return drawing.letters().stream()
        .filter(Drawing.Letters::hollow)
        .map(l -> l.x() + " " + l.text())
        .collect(Collectors.joining(";"));
  }

  @Override
  public @Nullable Map<Shape, String> drawObject(
      Element element,
      double x,
      double y,
      double width,
      double height,
      OutputDevice device,
      RenderingContext context,
      int dotsPerPixel) {
    double whole = Double.parseDouble(element.getAttribute("data-width"));
    double top = Double.parseDouble(element.getAttribute("data-top"));
    device.drawWithGraphics(
        (float) x,
        (float) y,
        (float) width / dotsPerPixel,
        (float) height / dotsPerPixel,
        graphics -> {
          double scale = width / dotsPerPixel / whole;
          AffineTransform place = AffineTransform.getScaleInstance(scale, scale);
          place.translate(0, top);
          outline(graphics, place, element.getAttribute("data-hollow"));
          draw(graphics, place, element.getAttribute("data-lines").split(";"));
        });
    return null;
  }

  private static void draw(Graphics2D graphics, AffineTransform place, String[] lines) {
    for (String line : lines) {
      if (line.length() > 2) {
        Shape path = place.createTransformedShape(path(line.substring(2)));
        boolean strong = line.charAt(1) == 's';
        graphics.setColor(line.charAt(0) == 't' ? strong ? DARKER : TINT : INK);
        if (line.charAt(0) == 'l') {
          graphics.setStroke(stroke(strong ? STRONG : LIGHT, place));
          graphics.draw(path);
        } else {
          graphics.fill(path);
        }
      }
    }
  }

  /** Puts paper where a letter is full of ink, and ink on its edge. */
  private static void outline(Graphics2D graphics, AffineTransform place, String letters) {
    for (String letter : letters.split(";")) {
      int gap = letter.indexOf(' ');
      if (gap > 0) {
        AffineTransform there = new AffineTransform(place);
        there.translate(Double.parseDouble(letter.substring(0, gap)), 0);
        Shape glyph = there.createTransformedShape(Glyphs.of(letter.substring(gap + 1)));
        graphics.setColor(Color.WHITE);
        graphics.setStroke(stroke(LIGHT, place));
        graphics.fill(glyph);
        graphics.draw(glyph);
        graphics.setColor(INK);
        graphics.setStroke(stroke(EDGE, place));
        graphics.draw(glyph);
      }
    }
  }

  private static BasicStroke stroke(float weight, AffineTransform place) {
    return new BasicStroke(
        (float) (weight * place.getScaleX()), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND);
  }

  /** Reads M, L and C. */
  private static Path2D path(String text) {
    Path2D path = new Path2D.Double();
    String[] parts = text.trim().split("\\s+");
    int at = 0;
    while (at < parts.length) {
      String letter = parts[at++];
      switch (letter) {
        case "M" -> path.moveTo(number(parts, at), number(parts, at + 1));
        case "L" -> path.lineTo(number(parts, at), number(parts, at + 1));
        default ->
            path.curveTo(
                number(parts, at),
                number(parts, at + 1),
                number(parts, at + 2),
                number(parts, at + 3),
                number(parts, at + 4),
                number(parts, at + 5));
      }
      at += letter.equals("C") ? 6 : 2;
    }
    return path;
  }

  private static double number(String[] parts, int at) {
    return Double.parseDouble(parts[at]);
  }
}
