package dettato.notation;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.sound.Accents;
import dettato.text.Phrases;
import dettato.text.Sentence;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Drawings stay inside their box, and every shape can be drawn. */
class DrawingTest {
  private static final Pattern NUMBERS = Pattern.compile("(-?\\d+) (-?\\d+)");
  private static final List<String> WORDS =
      List.of(
          "bell", "knives", "giraffe", "rabbit", "cage", "said", "bold", "quick", "fly", "hopping");

  private static final List<Notation> NOTATIONS =
      List.of(
          Notation.PLAIN,
          new Notation(Map.of(Meaning.SOUND, Shape.FRAME)),
          new Notation(
              Map.of(
                  Meaning.LETTER, Shape.DOT,
                  Meaning.LETTERS, Shape.BAR,
                  Meaning.SPLIT, Shape.ARC,
                  Meaning.IRREGULAR, Shape.RING,
                  Meaning.CHUNK, Shape.BOX)),
          new Notation(
              Map.of(
                  Meaning.SHORT_VOWEL, Shape.BREVE,
                  Meaning.LONG_VOWEL, Shape.MACRON,
                  Meaning.SILENT, Shape.STROKE,
                  Meaning.LETTERS, Shape.UNDERLINE,
                  Meaning.SOFT, Shape.DOT_ABOVE,
                  Meaning.BEAT, Shape.BEAT_LINE)),
          new Notation(
              Map.of(
                  Meaning.SOUND, Shape.TICK,
                  Meaning.VOWEL, Shape.BAND,
                  Meaning.SILENT, Shape.HOLLOW,
                  Meaning.CHUNK, Shape.OVERLINE,
                  Meaning.ENDING, Shape.STEP)));

  private static Drawing drawn(String spelling, Notation notation) {
    Word word = Lexicon.shipped().find(spelling, "en-GB").orElseThrow();
    Chunks chunks = Chunks.of(List.of("old"), Lexicon.shipped().words("en-GB"));
    return Drawing.of(word, new Signs(notation, Accents.of("en-GB"), chunks).on(word, 1));
  }

  private static void isInside(Drawing drawing) {
    for (Drawing.Line line : drawing.lines()) {
      Matcher point = NUMBERS.matcher(line.path());
      while (point.find()) {
        int x = Integer.parseInt(point.group(1));
        int y = Integer.parseInt(point.group(2));
        assertTrue(x >= -20 && x <= drawing.width() + 20, line + " of " + drawing);
        // A handle of a curve may stand out by a third of what the curve reaches.
        assertTrue(-y <= drawing.top() * 1.2 && y <= drawing.bottom() * 1.2, line + " " + drawing);
      }
    }
  }

  @Test
  void everyLineStaysInTheBoxAndLettersFollowEachOther() {
    for (Notation notation : NOTATIONS) {
      for (String word : WORDS) {
        Drawing drawing = drawn(word, notation);
        isInside(drawing);
        int last = -1;
        for (Drawing.Letters letters : drawing.letters()) {
          assertTrue(letters.x() > last, word);
          last = letters.x();
        }
        assertTrue(last < drawing.width());
      }
    }
  }

  @Test
  void everyShapeIsDrawnByOneOfThem() {
    Set<Shape> drawn =
        NOTATIONS.stream()
            .flatMap(n -> WORDS.stream().flatMap(w -> drawn(w, n).lines().stream()))
            .map(Drawing.Line::shape)
            .collect(Collectors.toCollection(() -> EnumSet.noneOf(Shape.class)));
    assertEquals(EnumSet.complementOf(EnumSet.of(Shape.SCOOP, Shape.HOLLOW)), drawn);
  }

  @Test
  void lettersThatAreNotSoundedAreHollowAndNoOthers() {
    Notation hollow = new Notation(Map.of(Meaning.SILENT, Shape.HOLLOW));
    assertEquals(
        "kne",
        drawn("knives", hollow).letters().stream()
            .filter(l -> l.hollow() || l.text().equals("n"))
            .map(Drawing.Letters::text)
            .collect(Collectors.joining()));
    assertEquals("hollow k, hollow e", drawn("knives", hollow).says());
  }

  /** A tick stands between two sounds: one fewer than there are, and one more for a split vowel. */
  @Test
  void aTickStandsBetweenSounds() {
    Notation ticks = new Notation(Map.of(Meaning.SOUND, Shape.TICK));
    assertEquals(2, drawn("bell", ticks).lines().size());
    assertEquals(1, drawn("fly", ticks).lines().size() - 1);
    assertEquals(3, drawn("cake", ticks).lines().size());
  }

  @Test
  void aChunkUnderALineStandsApart() {
    Notation over = new Notation(Map.of(Meaning.CHUNK, Shape.OVERLINE));
    assertTrue(drawn("bold", over).width() > drawn("bold", Notation.NONE).width());
  }

  @Test
  void framesAreOfOneWidthSoThatTheyTellNoLetters() {
    Set<String> widths =
        drawn("knives", NOTATIONS.get(1)).lines().stream()
            .map(l -> l.path().split(" "))
            .map(p -> String.valueOf(Integer.parseInt(p[4]) - Integer.parseInt(p[1])))
            .collect(Collectors.toSet());
    assertEquals(1, widths.size());
    assertEquals(
        List.of("kn", "i-e", "v", "s"),
        drawn("knives", NOTATIONS.get(1)).letters().stream().map(Drawing.Letters::text).toList());
  }

  @Test
  void phrasesOfASentenceAreScoopedOneByOne() {
    List<Drawing> phrases =
        new Phrases(Lexicon.shipped(), Accents.of("en-GB"))
            .of(new Sentence("The red hen sat on the wet sand.")).stream()
                .map(p -> Drawing.phrase(p, List.of(Shape.SCOOP)))
                .toList();
    assertEquals(
        List.of("scoop under The red hen sat", "scoop under on the wet sand."),
        phrases.stream().map(Drawing::says).toList());
    phrases.forEach(DrawingTest::isInside);
  }

  @Test
  void aLegendTellsEveryMeaningOnce() {
    for (Notation notation : NOTATIONS) {
      assertEquals(
          notation.meanings(),
          Legend.of(notation).stream().map(Legend.Entry::meaning).collect(Collectors.toSet()));
      Legend.of(notation).forEach(e -> isInside(e.drawing()));
    }
  }
}
