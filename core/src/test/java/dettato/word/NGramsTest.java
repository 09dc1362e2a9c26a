package dettato.word;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class NGramsTest {
  private static NGrams of(int[]... more) {
    List<int[]> runs = new ArrayList<>(List.of(more));
    runs.add(new int[] {1, 2, 3});
    runs.add(new int[] {1, 2, 3});
    runs.add(new int[] {1, 2, 4});
    return new NGrams(3, runs);
  }

  private static long history(int... things) {
    long history = NGrams.START;
    for (int thing : things) {
      history = NGrams.after(history, thing);
    }
    return history;
  }

  @Test
  void whatWasSeenOftenIsLikelierThanWhatWasSeenOnceAndThatThanWhatNeverWas() {
    NGrams grams = of();
    assertTrue(grams.log(history(1, 2), 3) > grams.log(history(1, 2), 4));
    assertTrue(grams.log(history(1, 2), 4) > grams.log(history(1, 2), 1));
    assertTrue(grams.log(history(1, 2), 1) > grams.log(history(1, 2), 99));
  }

  @Test
  void theChancesOfAllThatWasSeenLeaveALittleForWhatWasNot() {
    NGrams grams = of();
    double sum = 0;
    for (int next : new int[] {1, 2, 3, 4, NGrams.EDGE}) {
      sum += Math.exp(grams.log(history(1, 2), next));
    }
    assertTrue(sum < 1 && sum > 0.5, String.valueOf(sum));
  }

  @Test
  void anUnseenContextFallsBackToShorterOnes() {
    NGrams grams = of();
    assertEquals(grams.log(history(7, 2), 3), grams.log(history(8, 2), 3), 1e-9);
    assertTrue(grams.log(history(7, 2), 3) > grams.log(history(7, 9), 4));
  }

  /** Kneser and Ney: 6 stands after three different things, 5 oftener but always after 9. */
  @Test
  void whatStandsInMoreSurroundingsIsLikelierInANewOne() {
    NGrams grams =
        of(
            new int[] {9, 5},
            new int[] {9, 5},
            new int[] {9, 5},
            new int[] {9, 5},
            new int[] {10, 6},
            new int[] {11, 6},
            new int[] {12, 6});
    assertTrue(grams.log(history(20, 21), 6) > grams.log(history(20, 21), 5));
  }

  @Test
  void passesOverARunWithAnythingItCannotNumber() {
    assertEquals(of().log(history(1, 2), 3), of(new int[] {1, 2, -1}).log(history(1, 2), 3), 0);
    assertThrows(IllegalArgumentException.class, () -> new NGrams(7, List.of()));
  }
}
