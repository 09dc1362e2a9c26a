package dettato.notation;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.input.Unacceptable;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.table.Table;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Words in several notations, against what was written down by hand before. */
class SignsTest {
  private static final Accent BRITISH = Accents.of("en-GB");
  private static final List<Word> WORDS = Lexicon.shipped().words("en-GB");
  private static final Chunks CHUNKS = Chunks.of(List.of("ing", "ank", "ink", "all", "old"), WORDS);

  private static final Map<Shape, String> CODES =
      Map.ofEntries(
          Map.entry(Shape.DOT, "."),
          Map.entry(Shape.BAR, "="),
          Map.entry(Shape.ARC, "~"),
          Map.entry(Shape.RING, "@"),
          Map.entry(Shape.UNDERLINE, "_"),
          Map.entry(Shape.BREVE, "˘"),
          Map.entry(Shape.MACRON, "¯"),
          Map.entry(Shape.STROKE, "/"),
          Map.entry(Shape.DOT_ABOVE, "˙"),
          Map.entry(Shape.BEAT_LINE, "|"),
          Map.entry(Shape.BOX, "#"),
          Map.entry(Shape.FRAME, ""));

  private static final Notation UNDER =
      new Notation(
          Map.of(
              Meaning.LETTER, Shape.DOT,
              Meaning.LETTERS, Shape.BAR,
              Meaning.SPLIT, Shape.ARC,
              Meaning.IRREGULAR, Shape.RING));

  private static final Notation VOWELS =
      new Notation(
          Map.of(
              Meaning.SHORT_VOWEL, Shape.BREVE,
              Meaning.LONG_VOWEL, Shape.MACRON,
              Meaning.SILENT, Shape.STROKE,
              Meaning.LETTERS, Shape.UNDERLINE,
              Meaning.SOFT, Shape.DOT_ABOVE,
              Meaning.BEAT, Shape.BEAT_LINE));

  private static final Map<String, Notation> NOTATIONS =
      Map.of(
          "under", UNDER,
          "vowels", VOWELS,
          "doubles", new Notation(Map.of(Meaning.DOUBLE, Shape.RING)),
          "chunks", new Notation(Map.of(Meaning.CHUNK, Shape.BOX, Meaning.LETTERS, Shape.BAR)),
          "frames", new Notation(Map.of(Meaning.SOUND, Shape.FRAME)));

  private record Row(String word, String notation, String signs) {
    @Override
    public String toString() {
      return word + " " + notation;
    }
  }

  static List<Row> rows() {
    return Table.load(
            SignsTest.class,
            "signs.tsv",
            row ->
                Stream.of("under", "vowels", "doubles", "chunks", "frames")
                    .map(n -> new Row(row.get("word"), n, row.get(n)))
                    .toList())
        .stream()
        .flatMap(List::stream)
        .toList();
  }

  private static Word word(String spelling, Accent accent) {
    return Lexicon.shipped().find(spelling, accent.id()).orElseThrow();
  }

  private static String coded(String spelling, Notation notation, Accent accent) {
    Word word = word(spelling, accent);
    return new Signs(notation, accent, CHUNKS)
        .on(word, -1).stream()
            .map(
                s ->
                    CODES.get(s.shape())
                        + s.on(word.letters()).substring(s.shape().title().length() + 1))
            .collect(Collectors.joining(" "));
  }

  @ParameterizedTest
  @MethodSource("rows")
  void signsAreWhereTheyWereAgreed(Row row) {
    assertEquals(row.signs, coded(row.word, NOTATIONS.get(row.notation), BRITISH));
  }

  @Test
  void aVowelIsLongOrShortAsTheAccentSaysIt() {
    assertEquals("¯a _th", coded("bath", VOWELS, BRITISH));
    assertEquals("˘a _th", coded("bath", VOWELS, Accents.of("en-US")));
  }

  /** A dot stands under what is heard, not between it and what is struck through. */
  @Test
  void aLetterThatSaysNothingIsNotCounted() {
    Notation both = new Notation(Map.of(Meaning.LETTER, Shape.DOT, Meaning.SILENT, Shape.STROKE));
    assertEquals("/k .n .i .t", coded("knit", both, BRITISH));
    assertEquals(".h .a .v /e", coded("have", both, BRITISH));
    assertEquals(".c .a .k /e", coded("cake", both, BRITISH));
  }

  @Test
  void theFocusIsDrawnStrongerAndNothingElse() {
    List<Sign> signs = new Signs(UNDER, BRITISH, Chunks.NONE).on(word("badge", BRITISH), 2);
    assertEquals(List.of(false, false, true), signs.stream().map(Sign::strong).toList());
    assertEquals("dot under b, dot under a, bar under dge", Sign.spoken(signs, "badge"));
  }

  @Test
  void noShapeMeansTwoThings() {
    Unacceptable asked =
        assertThrows(
            Unacceptable.class,
            () -> new Notation(Map.of(Meaning.DOUBLE, Shape.RING, Meaning.IRREGULAR, Shape.RING)));
    assertTrue(
        asked.getMessage().contains("a doubled consonant and the part to know by heart"),
        asked.getMessage());
    assertThrows(Unacceptable.class, () -> new Notation(Map.of(Meaning.BEAT, Shape.BREVE)));
  }

  @Test
  void piecesAreSoundsChunksBeatsOrBaseAndEnding() {
    Word hopping = word("hopping", BRITISH);
    assertEquals(List.of(0, 1, 2, 3, 4), Parting.SOUND.of(hopping, CHUNKS));
    assertEquals(List.of(0, 1, 2, 3), Parting.CHUNKS.of(hopping, CHUNKS));
    assertEquals(List.of(0, 3), Parting.BEATS.of(hopping, CHUNKS));
    assertEquals(List.of(0, 3), Parting.BASE.of(hopping, CHUNKS));
    assertEquals(List.of(0, 3), Parting.BASE.of(word("sunset", BRITISH), CHUNKS));
    assertEquals(List.of(0), Parting.BASE.of(word("badge", BRITISH), CHUNKS));
  }
}
