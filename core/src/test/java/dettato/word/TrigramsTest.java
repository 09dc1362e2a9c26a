package dettato.word;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;

class TrigramsTest {
  private static Trigrams counted() {
    Trigrams trigrams = new Trigrams();
    trigrams.add(new int[] {1, 2, 3});
    trigrams.add(new int[] {1, 2, 3});
    trigrams.add(new int[] {1, 2, 4});
    return trigrams;
  }

  @Test
  void whatWasSeenOftenIsLikelierThanWhatWasSeenOnceAndThatThanWhatNeverWas() {
    Trigrams trigrams = counted();
    assertTrue(trigrams.log(1, 2, 3) > trigrams.log(1, 2, 4));
    assertTrue(trigrams.log(1, 2, 4) > trigrams.log(1, 2, 1));
    assertTrue(trigrams.log(1, 2, 1) > trigrams.log(1, 2, 99));
  }

  @Test
  void theChancesOfAllThatWasSeenLeaveALittleForWhatWasNot() {
    Trigrams trigrams = counted();
    double sum = 0;
    for (int next : new int[] {1, 2, 3, 4, Trigrams.EDGE}) {
      sum += Math.exp(trigrams.log(1, 2, next));
    }
    assertTrue(sum < 1 && sum > 0.9, String.valueOf(sum));
  }

  @Test
  void anUnseenContextFallsBackToShorterOnes() {
    Trigrams trigrams = counted();
    assertEquals(trigrams.log(7, 2, 3), trigrams.log(8, 2, 3), 1e-12);
    assertTrue(trigrams.log(7, 2, 3) > trigrams.log(7, 9, 4));
  }

  @Test
  void passesOverARunWithAnythingItCannotNumber() {
    Trigrams trigrams = counted();
    double before = trigrams.log(1, 2, 3);
    trigrams.add(new int[] {1, 2, -1});
    assertEquals(before, trigrams.log(1, 2, 3), 0);
  }
}
