package dettato.mark;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LettersTest {
  @ParameterizedTest(name = "\"{0}\" is {1}, {2}")
  @CsvSource({
    "cat, cat, ''",
    "Cat, cat, ''",
    "'  cat ', cat, ''",
    "caT, cat, capital",
    "tea cup, teacup, gap",
    "tea-cup, teacup, hyphen",
    "tea_cup, teacup, gap",
    "don’t, dont, apostrophe",
    "dogs’, dogs, ''",
    "'', '', ''"
  })
  void setsAsideWhatIsNoSpelling(String written, String text, String oddities) {
    Letters letters = Letters.of(written, -1);
    assertEquals(text, letters.text());
    assertEquals(oddities, String.join(" ", letters.oddities()));
  }

  @ParameterizedTest(name = "don''t written {0} has its apostrophe: {1}")
  @CsvSource({"don’t, true", "dan't, true", "dont, false", "do'nt, false", "do't, true"})
  void wantsAnApostropheWhereTheTargetHasIt(String written, boolean placed) {
    Letters letters = Letters.of(written, 1);
    assertEquals(placed, !letters.oddities().contains("apostrophe"));
    assertEquals(-1, letters.text().indexOf("'"));
  }

  @Test
  void namesEachOddityOnce() {
    assertEquals(List.of("gap", "capital"), Letters.of("t e a C U P", -1).oddities());
  }

  @Test
  void composesAccentsSoThatOneLetterIsOne() {
    assertEquals("é", Letters.of("e\u0301", -1).text());
  }
}
