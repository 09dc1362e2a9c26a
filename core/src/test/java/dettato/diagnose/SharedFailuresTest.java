package dettato.diagnose;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.rule.Outcome;
import dettato.rule.Side;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class SharedFailuresTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 3, 2);

  private final List<Evidence> evidence = new ArrayList<>();

  /** annoied is y-to-i's by the marker's choice; tois, bois and enjois are end-oi's alone. */
  @Test
  void aPatternThatABetterSupportedOneExplainsIsASlip() {
    for (String word : List.of("toy", "boy", "enjoy", "joy")) {
      add("end-oi", word, Side.DUE, Outcome.UNDER);
    }
    for (String word : List.of("annoyed", "enjoyed", "destroyed")) {
      add("y-to-i", word, Side.NOT_DUE, Outcome.OVER);
      add("end-oi", word, Side.DUE, Outcome.UNTESTED);
    }
    Standing joins = standing("y-to-i");
    assertEquals(Standing.State.PATTERN, standing("end-oi").state());
    assertEquals(Standing.State.SLIP, joins.state());
    assertTrue(joins.wouldChange().contains("oy at the end"), joins.wouldChange());
  }

  @Test
  void aFailureOfItsOwnKeepsItAPattern() {
    aPatternThatABetterSupportedOneExplainsIsASlip();
    add("y-to-i", "monkeys", Side.NOT_DUE, Outcome.OVER);
    assertEquals(Standing.State.PATTERN, standing("y-to-i").state());
  }

  @Test
  void twoPatternsOfTheSameStrengthBothStand() {
    for (String word : List.of("toy", "boy", "joy")) {
      add("end-oi", word, Side.DUE, Outcome.UNDER);
    }
    for (String word : List.of("annoyed", "enjoyed", "destroyed")) {
      add("y-to-i", word, Side.NOT_DUE, Outcome.OVER);
      add("end-oi", word, Side.DUE, Outcome.UNTESTED);
    }
    assertEquals(Standing.State.PATTERN, standing("end-oi").state());
    assertEquals(Standing.State.PATTERN, standing("y-to-i").state());
  }

  private void add(String rule, String word, Side side, Outcome outcome) {
    evidence.add(new Evidence(TODAY, word, word.replace('y', 'i'), rule, "", side, outcome));
  }

  private Standing standing(String rule) {
    return new Diagnosis(Settings.USUAL, TODAY)
        .standings(evidence).stream().filter(s -> s.rule().equals(rule)).findFirst().orElseThrow();
  }
}
