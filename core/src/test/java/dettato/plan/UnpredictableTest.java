package dettato.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

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
  void noGroupComesThreeTimesRunningWhenItCanBeHelped() {
    for (long seed = 0; seed < 50; seed++) {
      List<Integer> mixed =
          Unpredictable.mix(
              List.of(Collections.nCopies(6, 0), Collections.nCopies(6, 1)), new Random(seed));
      assertTrue(longestRun(mixed) <= 2, mixed.toString());
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

  private static int longestRun(List<Integer> mixed) {
    int longest = 0;
    int run = 0;
    for (int i = 0; i < mixed.size(); i++) {
      run = i > 0 && mixed.get(i).equals(mixed.get(i - 1)) ? run + 1 : 1;
      longest = Math.max(longest, run);
    }
    return longest;
  }
}
