package dettato.word;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CapitalsTest {
  @ParameterizedTest(name = "{0} is written {1}")
  @CsvSource({
    "monday, Monday, true",
    "i, I, true",
    "i'm, I'm, true",
    "may, may, true",
    "ink, ink, false",
    "gull, gull, false"
  })
  void knowsWhatHasACapital(String spelling, String written, boolean mayHave) {
    assertEquals(written, Capitals.written(spelling));
    assertEquals(mayHave, Capitals.mayHave(spelling));
  }
}
