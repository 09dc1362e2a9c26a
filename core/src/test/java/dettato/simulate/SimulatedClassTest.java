package dettato.simulate;

import static org.junit.jupiter.api.Assertions.assertEquals;

import dettato.rule.Outcome;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.List;
import org.junit.jupiter.api.Test;

class SimulatedClassTest {
  private static final Lexicon LEXICON = Lexicon.shipped();

  @Test
  void spellsByItsHabitWhereTheHabitCanShow() {
    SimulatedChild child =
        new SimulatedChild("Ada", List.of(Habit.onSide("final-j", Outcome.OVER, 1)), 0);
    SimulatedClass of = new SimulatedClass(List.of(child), 1);
    assertEquals("cadge", of.attempt(child, word("cage"), 1));
    assertEquals("ledge", of.attempt(child, word("ledge"), 1));
  }

  @Test
  void aPreferenceShowsWhereAnotherGraphemeIsDue() {
    SimulatedChild child = new SimulatedChild("Ada", List.of(new Preference("FACE", "a_e", 1)), 0);
    SimulatedClass of = new SimulatedClass(List.of(child), 1);
    assertEquals("rane", of.attempt(child, word("rain"), 1));
    assertEquals("lake", of.attempt(child, word("lake"), 1));
    assertEquals("day", of.attempt(child, word("day"), 1), "nowhere to put the e");
  }

  @Test
  void aMishearingTakesOneSoundForAnotherOrForNone() {
    SimulatedChild child =
        new SimulatedChild(
            "Ada",
            List.of(new Mishearing("θ", "f", false, 1), new Mishearing("n", "", true, 1)),
            0);
    SimulatedClass of = new SimulatedClass(List.of(child), 1);
    assertEquals("fumb", of.attempt(child, word("thumb"), 1));
    assertEquals("had", of.attempt(child, word("hand"), 1));
    assertEquals("net", of.attempt(child, word("net"), 1));
  }

  private static Word word(String spelling) {
    return LEXICON.find(spelling, "en-GB").orElseThrow();
  }
}
