package dettato.app.print;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.notation.Drawing;
import java.awt.Font;
import java.awt.font.FontRenderContext;
import java.io.InputStream;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The face that is shipped has every letter, and its letters are as wide as drawings take them. */
class FaceTest {
  private static final String SOUNDS = "θðʃʒŋɡæɑɒɔəɜɪʊʌː";
  private static final String LETTERS = "abcdefghijklmnopqrstuvwxyz'-.,?!";
  private static final float SIZE = 1000f;

  private static Font face(String name) throws Exception {
    try (InputStream in = Objects.requireNonNull(Pdf.class.getResourceAsStream(name))) {
      return Font.createFont(Font.TRUETYPE_FONT, in).deriveFont(SIZE);
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"Andika-Regular.ttf", "Andika-Bold.ttf"})
  void everyLetterAndSoundIsThere(String name) throws Exception {
    assertEquals(-1, face(name).canDisplayUpTo(SOUNDS + LETTERS + "→•…–’"));
  }

  @ParameterizedTest
  @ValueSource(strings = {"sh", "knight", "giraffe", "The gull sat", "mix, box?"})
  void drawingsMeasureAsTheFaceDoes(String text) throws Exception {
    FontRenderContext context = new FontRenderContext(null, true, true);
    double width =
        text.chars()
            .mapToDouble(
                c -> {
                  try {
                    return face("Andika-Regular.ttf")
                        .createGlyphVector(context, String.valueOf((char) c))
                        .getLogicalBounds()
                        .getWidth();
                  } catch (Exception e) {
                    throw new IllegalStateException(e);
                  }
                })
            .sum();
    Drawing drawing = Drawing.phrase(text, List.of());
    int margins = 2 * drawing.letters().get(0).x();
    assertTrue(Math.abs(drawing.width() - margins - width) <= text.length(), text);
  }
}
