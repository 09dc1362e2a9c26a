package dettato.app.print;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.notation.Chunks;
import dettato.notation.Drawing;
import dettato.notation.Meaning;
import dettato.notation.Notation;
import dettato.notation.Shape;
import dettato.notation.Signs;
import dettato.profile.Wording;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Words set on paper in several notations. With {@code -Ddettato.screenshots=true} the page is kept
 * as the picture of the guide.
 */
class NotationsOnPaperTest {
  private static final Accent BRITISH = Accents.of("en-GB");
  private static final List<String> WORDS =
      List.of(
          "ship", "rain", "cake", "hopping", "said", "knit", "city", "candle", "badge", "tank",
          "light", "shell");
  private static final LocalDate DAY = LocalDate.of(2026, 3, 4);
  private static final int DPI = 144;
  private static final int POINTS = 72;
  private static final int DARK = 128;

  private static Map<String, Notation> notations() {
    Map<String, Notation> all = new LinkedHashMap<>();
    all.put("Each sound underlined, a vowel around a consonant joined", Notation.PLAIN);
    all.put(
        "A tick between sounds, vowels on a band",
        new Notation(Map.of(Meaning.SOUND, Shape.TICK, Meaning.VOWEL, Shape.BAND)));
    all.put(
        "Letters not sounded hollow, endings on a low step",
        new Notation(Map.of(Meaning.SILENT, Shape.HOLLOW, Meaning.ENDING, Shape.STEP)));
    all.put(
        "Chunks apart under a thin line, the part to know by heart on a band",
        new Notation(Map.of(Meaning.CHUNK, Shape.OVERLINE, Meaning.IRREGULAR, Shape.BAND)));
    all.put(
        "Doubled letters on a band, a tick between sounds, endings on a low step",
        new Notation(
            Map.of(
                Meaning.DOUBLE, Shape.BAND,
                Meaning.SOUND, Shape.TICK,
                Meaning.ENDING, Shape.STEP)));
    all.put("A frame for each sound", new Notation(Map.of(Meaning.SOUND, Shape.FRAME)));
    return all;
  }

  private static Html page() {
    Chunks chunks = Chunks.of(List.of("ing", "ank"), Lexicon.shipped().words("en-GB"));
    Html html = new Html(Wording.OURS);
    notations()
        .forEach(
            (title, notation) -> {
              html.line("h2", "", title);
              Signs signs = new Signs(notation, BRITISH, chunks);
              for (String word : WORDS) {
                Word read = Lexicon.shipped().find(word, "en-GB").orElseThrow();
                html.drawn(Drawing.of(read, signs.on(read, -1))).say("   ");
              }
            });
    return html;
  }

  private static Look look() {
    return new Look(Look.Size.A4, Look.Type.USUAL, false, false);
  }

  @Test
  void everyWordStandsOnThePageInEveryNotation() throws Exception {
    byte[] pdf = new Pdf().of("Notations", look(), DAY, page());
    try (PDDocument read = Loader.loadPDF(pdf)) {
      String text = new PDFTextStripper().getText(read).replaceAll("[^a-z]+", "");
      for (String word : WORDS) {
        int there = text.split(word, -1).length - 1;
        // In frames the letters of a split vowel stand together: c ae k.
        assertTrue(there >= notations().size() - 1, word + " " + there);
      }
    }
    if (Boolean.getBoolean("dettato.screenshots")) {
      BufferedImage whole = ImageIO.read(new ByteArrayInputStream(Pdf.picture(pdf)));
      int height = whole.getHeight();
      while (height > 1 && isWhite(whole, height - 60)) {
        height--;
      }
      Path picture = Path.of("..", "docs", "screenshots", "notations.png");
      ImageIO.write(whole.getSubimage(0, 0, whole.getWidth(), height), "png", picture.toFile());
      assertTrue(Files.size(picture) > 0);
    }
  }

  private static boolean isWhite(BufferedImage image, int y) {
    for (int x = 0; x < image.getWidth(); x++) {
      if ((image.getRGB(x, Math.max(0, y)) & 0xff) < DARK) {
        return false;
      }
    }
    return true;
  }

  /**
   * A line under a letter begins and ends with it, close below, wherever the page puts the word.
   */
  @ParameterizedTest
  @ValueSource(strings = {"l", "m", "t"})
  void aLineStandsUnderItsLetter(String letter) throws Exception {
    Drawing drawing = Drawing.of(Lexicon.shipped().find("lamb", "en-GB").orElseThrow(), List.of());
    assertEquals(
        "lamb", String.join("", drawing.letters().stream().map(Drawing.Letters::text).toList()));
    Drawing one = Drawing.phrase(letter, List.of(Shape.UNDERLINE));
    Html html = new Html(Wording.OURS);
    html.line("p", "", "Some words before it.").drawn(one);
    byte[] pdf = new Pdf().of("One", look(), DAY, html);
    try (PDDocument read = Loader.loadPDF(pdf)) {
      List<TextPosition> found = new ArrayList<>();
      PDFTextStripper stripper =
          new PDFTextStripper() {
            @Override
            protected void writeString(String text, List<TextPosition> positions) {
              if (text.strip().equals(letter)) {
                found.addAll(positions);
              }
            }
          };
      stripper.getText(read);
      TextPosition at = found.get(0);
      BufferedImage image = new PDFRenderer(read).renderImageWithDPI(0, DPI);
      int left = pixels(at.getXDirAdj());
      int right = pixels(at.getXDirAdj() + at.getWidthDirAdj());
      int base = pixels(at.getYDirAdj());
      int longest = 0;
      for (int y = base + 1; y < base + pixels(at.getFontSizeInPt() / 2); y++) {
        longest = Math.max(longest, run(image, y, left, right));
      }
      assertTrue(longest >= 0.6 * (right - left), longest + " of " + (right - left));
    }
  }

  private static int pixels(float points) {
    return Math.round(points * DPI / POINTS);
  }

  private static int run(BufferedImage image, int y, int left, int right) {
    int dark = 0;
    for (int x = left; x <= right; x++) {
      dark += (image.getRGB(x, y) & 0xff) < DARK ? 1 : 0;
    }
    return dark;
  }
}
