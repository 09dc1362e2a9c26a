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
  private static final Color INK = new Color(0x1f, 0x2a, 0x33);

  /** Lines as an attribute: f or l, s or w, then the path. */
  static String coded(Drawing drawing) {
    return drawing.lines().stream()
        .map(l -> (l.filled() ? "f" : "l") + (l.strong() ? "s" : "w") + l.path())
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
        graphics ->
            draw(
                graphics,
                width / dotsPerPixel / whole,
                top,
                element.getAttribute("data-lines").split(";")));
    return null;
  }

  private static void draw(Graphics2D graphics, double scale, double top, String[] lines) {
    graphics.setColor(INK);
    AffineTransform place = AffineTransform.getScaleInstance(scale, scale);
    place.translate(0, top);
    for (String line : lines) {
      if (line.length() > 2) {
        Shape path = place.createTransformedShape(path(line.substring(2)));
        if (line.charAt(0) == 'f') {
          graphics.fill(path);
        } else {
          float weight = line.charAt(1) == 's' ? STRONG : LIGHT;
          graphics.setStroke(
              new BasicStroke(
                  (float) (weight * scale), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
          graphics.draw(path);
        }
      }
    }
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
