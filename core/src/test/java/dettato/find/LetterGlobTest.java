package dettato.find;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LetterGlobTest {
  @ParameterizedTest(name = "{0} on {1}: {2}")
  @CsvSource({
    "cat, cat, true",
    "cat, scatter, true",
    "c?t, cut, true",
    "c?t, cart, false",
    "*ight, night, true",
    "*ight, nights, false",
    "sh*, ship, true",
    "sh*, wish, false",
    "*a*e*, baker, true",
    "*a*e*, bear, false",
    "?, a, true",
    "?, an, false",
    "*, anything, true",
    "a*b*c, abd, false",
    "a*b*c, axbxbc, true",
    "CAT, cat, true"
  })
  void fitsLetters(String pattern, String spelling, boolean fits) {
    assertEquals(fits, new LetterGlob(pattern).fits(spelling));
  }

  @Test
  void refusesDigitsAndSigns() {
    assertThrows(IllegalArgumentException.class, () -> new LetterGlob("a[bc]"));
    assertThrows(IllegalArgumentException.class, () -> new LetterGlob("c4t"));
  }

  @Test
  void manyStarsTakeNoLongerThanFewOnALongWord() {
    String word = "a".repeat(40);
    assertEquals(false, new LetterGlob("*a".repeat(19) + "*b").fits(word));
  }
}
