package dettato.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class UnpredictableTest {
  @Test
  void keepsAllAndEachGroupsOwnOrder() {
    List<String> mixed =
        Unpredictable.mix(
            List.of(List.of("a1", "a2", "a3"), List.of("b1", "b2"), List.of("c1")), new Random(1));
    assertEquals(6, mixed.size());
    assertEquals(List.of("a1", "a2", "a3"), mixed.stream().filter(m -> m.startsWith("a")).toList());
    assertEquals(List.of("b1", "b2"), mixed.stream().filter(m -> m.startsWith("b")).toList());
  }

  @Test
  void noGroupComesFourTimesRunningNorThreeTimesAgain() {
    for (long seed = 0; seed < 50; seed++) {
      List<Integer> mixed =
          Unpredictable.mix(
              List.of(Collections.nCopies(6, 0), Collections.nCopies(6, 1)), new Random(seed));
      assertTrue(Unpredictable.longestRun(mixed) <= 3, mixed.toString());
      assertTrue(Guessers.best(mixed).share() <= Unpredictable.MOST_GUESSED, mixed.toString());
    }
  }

  @Test
  void ordersDifferFromSeedToSeed() {
    List<List<Integer>> groups =
        List.of(Collections.nCopies(5, 0), Collections.nCopies(5, 1), Collections.nCopies(5, 2));
    List<List<Integer>> orders = new ArrayList<>();
    for (long seed = 0; seed < 20; seed++) {
      orders.add(Unpredictable.mix(groups, new Random(seed)));
    }
    assertTrue(orders.stream().distinct().count() > 15);
  }

  @Test
  void oneGroupAloneStandsAsItIs() {
    assertEquals(
        List.of(1, 1, 1, 1), Unpredictable.mix(List.of(List.of(1, 1, 1, 1)), new Random(3)));
  }

  @Test
  void twoGroupsDoNotJustTakeTurns() {
    for (long seed = 0; seed < 300; seed++) {
      List<Integer> mixed =
          Unpredictable.mix(
              List.of(Collections.nCopies(5, 0), Collections.nCopies(5, 1)), new Random(seed));
      assertFalse(Unpredictable.alternates(mixed), mixed.toString());
    }
  }

  @ParameterizedTest(name = "{0} takes turns: {1}")
  @CsvSource({
    "abab, true",
    "aba, false",
    "abba, false",
    "ababab, true",
    "aababa, false",
    "abbabababa, true",
    "aabbababba, false"
  })
  void knowsTurnsThatCanBeGuessed(String order, boolean turns) {
    assertEquals(turns, Unpredictable.alternates(order.chars().boxed().toList()));
  }

  @Test
  void measuresTheLongestRun() {
    assertEquals(3, Unpredictable.longestRun(List.of(1, 2, 2, 2, 1)));
    assertEquals(0, Unpredictable.longestRun(List.of()));
  }
}
