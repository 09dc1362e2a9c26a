package dettato.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LetterPatternTest {
  @ParameterizedTest(name = "after letter {1} of {0} stands {2}: {3}")
  @CsvSource({
    "cake, 2, Ce_, true",
    "cakes, 2, Ce_, false",
    "cakes, 2, Ces_, true",
    "cat, 2, t_, true",
    "cat, 3, _, true",
    "cat, 2, _, false",
    "city, 1, F, true",
    "cat, 1, F, false",
    "baking, 2, [^Vrx]ing_, true",
    "caring, 2, [^Vrx]ing_, false",
    "boat, 1, V, true",
    "fox, 2, [xz]_, true",
    "a, 1, L, false",
    "cat, 1, '', true"
  })
  void fitsWhatFollows(String word, int from, String pattern, boolean fits) {
    assertEquals(fits, LetterPattern.compile(pattern).fitsAfter(new LetterMasks(word), from));
  }

  @ParameterizedTest(name = "before letter {1} of {0} stands {2}: {3}")
  @CsvSource({
    "knee, 0, _, true", "knee, 1, _, false", "snow, 3, _CC, false", "sky, 2, _CC, true",
    "wash, 1, w, true", "quack, 2, qu, true", "jumped, 4, @C, true", "sled, 2, @C, false",
    "melted, 4, @[td], true", "boxes, 3, @[sxz], true", "wet, 1, [^w], false"
  })
  void fitsWhatGoesBefore(String word, int to, String pattern, boolean fits) {
    assertEquals(fits, LetterPattern.compile(pattern).fitsBefore(new LetterMasks(word), to));
  }

  @Test
  void knowsWhereItsSilentEStands() {
    assertEquals(1, LetterPattern.compile("Ce_").silentE());
    assertEquals(2, LetterPattern.compile("ste_").silentE());
    assertEquals(1, LetterPattern.compile("[^Vxe]e_").silentE());
    assertEquals(-1, LetterPattern.compile("C_").silentE());
  }

  @Test
  void anythingFitsAnEmptyPattern() {
    assertTrue(LetterPattern.compile("").isEmpty());
    assertFalse(LetterPattern.compile("@").isEmpty());
  }

  @Test
  void refusesAnOpenBracket() {
    assertThrows(IllegalArgumentException.class, () -> LetterPattern.compile("[ab"));
  }

  @Test
  void aLetterOutsideTheAlphabetFitsNothing() {
    assertFalse(LetterPattern.compile("C").fitsAfter(new LetterMasks("aé"), 1));
    assertFalse(LetterPattern.compile("V").fitsAfter(new LetterMasks("aé"), 1));
  }
}
