package dettato.word;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.sound.Accents;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SegmentationTest {
  private static final Segmentation CAKES = Segmentation.parse("cakes", "c:k a_e:'FACE k:k s:s");
  private static final Segmentation PASTE = Segmentation.parse("paste", "p:p a_e:'FACE s:s t:t");
  private static final Segmentation RABBIT =
      Segmentation.parse("rabbit", "r:r a:'TRAP bb:b - i:KIT t:t");

  @Test
  void placesTheSilentEAfterTheConsonantsItReachesAcross() {
    assertEquals(3, CAKES.silentE(1));
    assertEquals(4, PASTE.silentE(1));
    assertEquals(-1, CAKES.silentE(0));
    assertEquals(4, CAKES.start(3));
  }

  @ParameterizedTest(name = "letter {0} of cakes belongs to unit {1}")
  @CsvSource({"0, 0", "1, 1", "2, 2", "3, 1", "4, 3"})
  void everyLetterBelongsToOneUnit(int letter, int unit) {
    assertEquals(unit, CAKES.unitAt(letter));
  }

  @Test
  void refusesALetterThatIsNotThere() {
    assertThrows(IllegalArgumentException.class, () -> CAKES.unitAt(5));
  }

  @Test
  void countsBeatsAndKeepsWhereTheyOpen() {
    assertEquals(2, RABBIT.beats());
    assertTrue(RABBIT.unit(0).opensBeat());
    assertTrue(RABBIT.unit(3).opensBeat());
    assertFalse(RABBIT.unit(2).opensBeat());
    assertEquals("r:r a:'TRAP bb:b - i:KIT t:t", RABBIT.format());
  }

  @ParameterizedTest(name = "{0} is not {1}")
  @CsvSource({
    "cakes, c:k a_e:FACE k:k",
    "cake, c:k a:FACE k:k",
    "cat, c:k a:TRAP t:t s:s",
    "cak, c:k a_e:FACE k:k"
  })
  void refusesUnitsThatDoNotSpellTheWord(String spelling, String units) {
    assertThrows(IllegalArgumentException.class, () -> Segmentation.parse(spelling, units));
  }

  @ParameterizedTest
  @CsvSource({"ck", ":k", "c:", "c:xx"})
  void refusesABrokenUnit(String unit) {
    assertThrows(IllegalArgumentException.class, () -> Unit.parse(unit, true));
  }

  @Test
  void linksARhoticVowelWithTheNextOneOnlyWhereTheAccentSoundsNoR() {
    Segmentation story = Segmentation.parse("story", "s:s t:t or:'NORTH - y:happY");
    assertEquals("stɔːri", story.ipa(Accents.of("en-GB")));
    assertEquals("stɔri", story.ipa(Accents.of("en-US")));
    Segmentation star = Segmentation.parse("star", "s:s t:t ar:'START");
    assertEquals("stɑː", star.ipa(Accents.of("en-GB")));
  }

  @Test
  void twoCutsOfOneSpellingDiffer() {
    Segmentation other = Segmentation.parse("paste", "p:p a:'TRAP s:s te:t");
    assertFalse(PASTE.equals(other));
    assertEquals(PASTE, Segmentation.of("paste", List.copyOf(PASTE.units())));
    assertEquals(PASTE.hashCode(), Segmentation.of("paste", PASTE.units()).hashCode());
  }

  @Test
  void knowsAShortVowelLetter() {
    assertTrue(Unit.of("a", "TRAP").isShortVowelLetter());
    assertTrue(Unit.of("a", "BATH").isShortVowelLetter());
    assertFalse(Unit.of("ea", "DRESS").isShortVowelLetter());
    assertFalse(Unit.of("a", "FACE").isShortVowelLetter());
  }
}
