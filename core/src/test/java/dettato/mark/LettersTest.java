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
    "don’t, dont, ''",
    "'', '', ''"
  })
  void setsAsideWhatIsNoSpelling(String written, String text, String oddities) {
    Letters letters = Letters.of(written, "teacup");
    assertEquals(text, letters.text());
    assertEquals(oddities, String.join(" ", letters.oddities()));
  }

  @Test
  void keepsAnApostropheThatTheTargetHas() {
    assertEquals("don't", Letters.of("don’t", "don't").text());
  }

  @Test
  void namesEachOddityOnce() {
    assertEquals(List.of("gap", "capital"), Letters.of("t e a C U P", "teacup").oddities());
  }

  @Test
  void composesAccentsSoThatOneLetterIsOne() {
    assertEquals("é", Letters.of("e\u0301", "cafe").text());
  }
}
