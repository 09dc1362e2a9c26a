package dettato.word;

import static org.junit.jupiter.api.Assertions.assertEquals;

import dettato.sound.Grapheme;
import dettato.sound.Sounds;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WordTest {
  @ParameterizedTest(name = "the ending of {0} is {1}")
  @CsvSource({
    "knives, s",
    "leaves, s",
    "babies, s",
    "hoped, ed",
    "bakes, s",
    "happiness, n e ss",
    "finally, y",
    "badge, ''"
  })
  void theEndingBeginsAtTheFirstUnitThatIsWhollyItsOwn(String spelling, String units) {
    Word word = Lexicon.shipped().find(spelling, "en-GB").orElseThrow();
    List<Unit> ending = word.cut().units().subList(word.endingUnit(), word.cut().size());
    assertEquals(units, String.join(" ", ending.stream().map(u -> u.grapheme().text()).toList()));
  }

  @Test
  void unitsAreSpelledOneAfterTheOtherWithTheSilentEInItsPlace() {
    assertEquals("blane", spelled("b:b l:l a_e:FACE n:n"));
    assertEquals("hoped", spelled("h:h o:GOAT p:p ed:t"));
    assertEquals("zain", spelled("z:z ai:FACE n:n"));
  }

  private static String spelled(String units) {
    return Segmentation.of(
            Stream.of(units.split(" "))
                .map(u -> u.split(":"))
                .map(p -> new Unit(Sounds.of(p[1]), new Grapheme(p[0]), Unit.Stress.NONE, false))
                .toList())
        .spelling();
  }
}
