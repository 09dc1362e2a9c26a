package dettato.simulate;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.rule.Outcome;
import dettato.rule.RuleBook;
import dettato.word.Lexicon;
import dettato.word.Segmentation;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MisspellingTest {
  @ParameterizedTest(name = "{0} with {1} {2} is {3}")
  @CsvSource({
    "badge, final-j, UNDER, bage",
    "cage, final-j, OVER, cadge",
    "hatch, final-ch, UNDER, hach",
    "bench, final-ch, OVER, bentch",
    "duck, final-k, UNDER, duk",
    "milk, final-k, OVER, milck",
    "cliff, final-double, UNDER, clif",
    "leaf, final-double, OVER, leaff",
    "kettle, c-or-k, UNDER, cettle",
    "cup, c-or-k, OVER, kup",
    "hope, split-vowel, UNDER, hop",
    "hop, split-vowel, OVER, hope",
    "cakes, split-vowel, UNDER, caks",
    "tray, end-ai, UNDER, trai",
    "train, end-ai, OVER, trayn",
    "shopping, double-before-ending, UNDER, shoping",
    "raining, double-before-ending, OVER, rainning",
    "planted, past-ed, UNDER, plantid",
    "helped, past-ed, UNDER, helpt",
    "boxes, plural-es, UNDER, boxs",
    "crabs, plural-es, OVER, crabes"
  })
  void failsARuleAtItsPlace(String word, String rule, Outcome kind, String written) {
    Segmentation cut = cut(word);
    String found =
        RuleBook.opportunities(Lexicon.shipped().find(word, "en-GB").orElseThrow()).stream()
            .filter(o -> o.rule().equals(rule))
            .findFirst()
            .flatMap(o -> Misspelling.by(o, kind, cut))
            .orElse("-");
    assertEquals(written, found);
  }

  @Test
  void aSlipIsAnotherSpellingOfAboutTheSameLength() {
    for (String word : List.of("lamp", "stamp", "plant", "boat", "sleeping", "shell")) {
      for (int seed = 0; seed < 50; seed++) {
        String slip = Misspelling.slip(cut(word), new Random(seed));
        assertNotEquals(word, slip);
        assertTrue(Math.abs(slip.length() - word.length()) <= 1, slip);
      }
    }
  }

  @Test
  void theSameSeedWritesTheSame() {
    SimulatedChild child = new SimulatedChild("Ada", List.of(), 0.5);
    SimulatedClass one = new SimulatedClass(List.of(child), 9);
    SimulatedClass two = new SimulatedClass(List.of(child), 9);
    for (var word : Lexicon.shipped().words("en-GB").subList(0, 200)) {
      assertEquals(one.attempt(child, word, 1), two.attempt(child, word, 1));
    }
  }

  @Test
  void aHabitFailsARuleOneWayOrTheOther() {
    assertThrows(
        IllegalArgumentException.class, () -> Habit.onSide("final-j", Outcome.APPLIED, 0.5));
  }

  private static Segmentation cut(String word) {
    return Lexicon.shipped().find(word, "en-GB").orElseThrow().cut();
  }
}
