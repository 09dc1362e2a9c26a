package dettato.mark;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.explain.Explanation;
import dettato.word.Lexicon;
import dettato.word.Segmentation;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LetterSwapTest {
  @ParameterizedTest(name = "{0} written {1}: {2}")
  @CsvSource({
    "teachers, teacehrs, 2 3",
    "circular, cicrular, 1 2",
    "camera, camear, 3 4",
    "help, hlep, 1 2",
    "goat, gaot, none: both letters are in one unit",
    "help, hepl, 2 3",
    "help, hlpe, none: three letters moved",
    "help, helpp, none: another length",
    "help, help, none: nothing moved"
  })
  void findsTwoLettersAcrossUnits(String target, String written, String expected) {
    Segmentation cut = Lexicon.shipped().find(target, "en-GB").orElseThrow().cut();
    Swap swap = LetterSwap.across(cut, written);
    String found = swap == null ? "none" : swap.first() + " " + swap.second();
    assertEquals(expected.split(":")[0], found);
  }

  /** One slip is one fact: no sound is wrong and no rule is failed. */
  @Test
  void isToldOnce() {
    Mark mark = Marking.mark("teachers", "teacehrs");
    assertEquals(Result.SOUND_ERROR, mark.result());
    assertEquals("-", Marking.failures(mark));
    assertTrue(mark.units().stream().allMatch(u -> u.verdict() == Verdict.EXACT));
    assertEquals(
        List.of("h and e changed places."), Explanation.of(mark, Marking.BRITISH.accent()));
  }
}
