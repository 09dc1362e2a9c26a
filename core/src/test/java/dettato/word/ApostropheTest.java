package dettato.word;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.reading.Guess;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ApostropheTest {
  @ParameterizedTest(name = "{0}: {1} letters before the apostrophe, {2} after")
  @CsvSource({
    "don't, 3, 1",
    "they’ll, 4, 2",
    "o'clock, 1, 5",
    "dogs', -1, -1",
    "1'2, -1, 0",
    "dogs, -1, -1"
  })
  void countsLettersAroundIt(String text, int before, int after) {
    assertEquals(before, Apostrophe.place(text));
    assertEquals(after, Apostrophe.lettersAfter(text));
  }

  @Test
  void standsInAContractionOfTheLexiconAndInNoUnit() {
    Word word = Lexicon.shipped().find("Don’t", "en-GB").orElseThrow();
    assertEquals("don't", word.spelling());
    assertEquals("dont", word.letters());
    assertEquals("d:d o:'GOAT n:n t:t", word.cut().format());
  }

  @Test
  void isPutWhereTheWordHasItCountedFromTheEnd() {
    Word word = Lexicon.shipped().find("couldn't", "en-GB").orElseThrow();
    assertEquals("cudn't", word.punctuated("cudnt"));
    assertEquals("t", word.punctuated("t"));
    assertEquals("cats", Lexicon.shipped().find("cats", "en-GB").orElseThrow().punctuated("cats"));
  }

  @Test
  void belongsToAWordOutsideTheLexiconAsItIsWritten() {
    assertEquals("gull's", Guess.of("gull's").spelling());
    assertEquals("gulls", Guess.of("gulls'").spelling());
    assertEquals("t'g", Guess.of("חtז'g").spelling());
    assertEquals("tg", Guess.of("ח'tgז").spelling());
  }

  @Test
  void everyContractionHasTheLettersOfItsUnits() {
    long contractions =
        Lexicon.shipped().words("en-GB").stream()
            .filter(w -> w.apostrophe() >= 0)
            .peek(w -> assertEquals(w.letters(), Apostrophe.without(w.spelling())))
            .count();
    assertTrue(contractions >= 40, contractions + " contractions");
  }
}
