package dettato.app.print;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Objects;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/** Outlines of the letters of the word face, in thousandths of its size, from the baseline down. */
final class Glyphs {
  private static final double SIZE = 1000.0;
  private static final TrueTypeFont FACE = face();

  private Glyphs() {}

  /** The outline of one or more letters, beginning at 0. */
  static Shape of(String letters) {
    Path2D all = new Path2D.Double();
    try {
      double scale = SIZE / FACE.getUnitsPerEm();
      double x = 0;
      for (int c : letters.codePoints().toArray()) {
        int glyph = FACE.getUnicodeCmapLookup().getGlyphId(c);
        AffineTransform place = AffineTransform.getTranslateInstance(x, 0);
        place.scale(scale, -scale);
        all.append(place.createTransformedShape(FACE.getGlyph().getGlyph(glyph).getPath()), false);
        x += FACE.getAdvanceWidth(glyph) * scale;
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return all;
  }

  private static TrueTypeFont face() {
    try (InputStream in = Glyphs.class.getResourceAsStream("Andika-Regular.ttf")) {
      return new TTFParser().parse(new RandomAccessReadBuffer(Objects.requireNonNull(in)));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
