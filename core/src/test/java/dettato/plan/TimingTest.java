package dettato.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class TimingTest {
  @Test
  void planIsAsItIsWhileNothingIsKnown() {
    assertEquals(1, Timing.NONE.factor("words"));
    assertEquals(0, Timing.NONE.error().runs());
  }

  /**
   * One run moves it a little, many nearly all the way; what is learnt of one kind moves others.
   */
  @Test
  void isDrawnTowardsWhatWasPlanned() {
    Timing.Run slow = new Timing.Run("words", 100, 150);
    Timing one = new Timing(List.of(slow));
    Timing many = new Timing(java.util.Collections.nCopies(20, slow));
    assertTrue(one.factor("words") > 1.1 && one.factor("words") < 1.35, "" + one.factor("words"));
    assertEquals(1.5, many.factor("words"), 0.02);
    assertTrue(many.factor("sentence") > 1.4);
  }

  @Test
  void aRunLeftOpenAllMorningSaysNoMoreThanALongOne() {
    Timing left = new Timing(List.of(new Timing.Run("words", 100, 9_000)));
    assertTrue(left.factor("words") < 2.2);
  }

  /** Twelve sessions of a class with a pace of its own by kind, each block a fifth more or less. */
  @Test
  void learnsTheClassFromTwelveSessions() {
    Map<String, Double> pace = Map.of("words", 1.35, "sentence", 0.8, "cards", 2.0, "join", 1.1);
    List<Timing.Error> all = new ArrayList<>();
    for (long seed = 0; seed < 20; seed++) {
      Random random = new Random(seed);
      List<Timing.Run> runs = new ArrayList<>();
      for (int session = 0; session < 12; session++) {
        pace.forEach(
            (kind, factor) -> {
              int planned = 60 + random.nextInt(300);
              double took = planned * factor * (1 + 0.2 * random.nextGaussian());
              runs.add(new Timing.Run(kind, planned, (int) Math.max(5, took)));
            });
      }
      all.add(new Timing(runs).error());
    }
    double before = all.stream().mapToDouble(Timing.Error::before).average().orElseThrow();
    double after = all.stream().mapToDouble(Timing.Error::after).average().orElseThrow();
    System.out.printf(
        "12 sessions: median error %.0f %% before, %.0f %% after%n", 100 * before, 100 * after);
    assertTrue(after < 0.75 * before, before + " " + after);
  }
}
