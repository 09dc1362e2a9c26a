package dettato.find;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.plan.TeachingSequence;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Chains and pairs, looked at by a distance that knows nothing of how they were found. */
class ChainsTest {
  private static final Accent BRITISH = Accents.of("en-GB");
  private static final TeachingSequence SEQUENCE = TeachingSequence.shipped();
  private static final Neighbours NEIGHBOURS =
      new Neighbours(Lexicon.shipped().words("en-GB"), BRITISH, SEQUENCE);
  private static final Chains CHAINS = new Chains(NEIGHBOURS);

  @Test
  void fiveHundredChainsAreOneSoundAStepWithNoWordTwice() {
    for (int seed = 0; seed < 500; seed++) {
      int length = 6 + seed % 5;
      int step = seed % 2 == 0 ? SEQUENCE.last() : 25;
      Chains.Chain chain = chain(length, 2, 5, Optional.empty(), step, seed);
      List<Spoken> words = chain.words();
      assertEquals(length, words.size());
      assertEquals(length, new HashSet<>(words).size());
      for (int i = 0; i < length; i++) {
        int at = i;
        assertEquals(
            List.of(), SEQUENCE.untaught(words.get(i).word(), step, BRITISH), words::toString);
        if (i > 0) {
          assertEquals(
              1,
              distance(words.get(i - 1).sounds(), words.get(i).sounds()),
              () -> words.get(at - 1) + " to " + words.get(at));
          assertMove(chain.moves().get(i - 1), words.get(i - 1), words.get(i));
        }
      }
    }
  }

  private static void assertMove(Spoken.Move move, Spoken a, Spoken b) {
    int longer = b.size() - a.size();
    switch (move) {
      case ADDED -> assertEquals(1, longer);
      case DROPPED -> assertEquals(-1, longer);
      case FIRST -> assertTrue(longer == 0 && !a.sounds().get(0).equals(b.sounds().get(0)));
      case LAST ->
          assertTrue(
              longer == 0 && !a.sounds().get(a.size() - 1).equals(b.sounds().get(b.size() - 1)));
      case VOWEL, INSIDE -> assertEquals(0, longer);
    }
  }

  @ParameterizedTest
  @ValueSource(booleans = {true, false})
  void hasDoubledEndsOrNoneAsAsked(boolean doubled) {
    for (int seed = 0; seed < 20; seed++) {
      long ends =
          chain(7, 3, 4, Optional.of(doubled), SEQUENCE.last(), seed).words().stream()
              .filter(s -> s.word().spelling().matches(".*(ff|ll|ss|zz|ck)"))
              .count();
      assertTrue(doubled ? ends >= 2 : ends == 0, "seed " + seed + ": " + ends);
    }
  }

  @Test
  void startsWhereItIsAskedToAndTheSameSeedGivesTheSame() {
    Chains.Request request =
        new Chains.Request(6, "cat", 2, 4, Optional.empty(), SEQUENCE.last(), Set.of(), 4);
    Chains.Chain chain = CHAINS.find(request);
    assertEquals("cat", chain.words().get(0).word().spelling());
    assertEquals(chain, CHAINS.find(request));
  }

  @Test
  void givesTheLongestWhereNoneIsAsLong() {
    Chains.Chain few = chain(30, 2, 3, Optional.empty(), 2, 1);
    assertTrue(few.words().size() > 0 && few.words().size() < 30, few::toString);
    assertTrue(few.sure(), "with three graphemes taught all ways can be tried");
    Chains.Request endless =
        new Chains.Request(2_000, "cat", 2, 4, Optional.empty(), SEQUENCE.last(), Set.of(), 1);
    assertFalse(CHAINS.find(endless).sure());
  }

  @ParameterizedTest(name = "{0}: {1} and {2} differ by {3}")
  @CsvSource({
    "split-vowel, hop, hope, ɒ-əʊ",
    "voicing, back, bag, k-ɡ",
    "sound:tʃ-ʃ, chin, shin, tʃ-ʃ",
    "vowel:TRAP-DRESS, man, men, æ-e",
    "final-ch, match, march, æ-ɑː"
  })
  void findsAPairByItsContrast(String contrast, String a, String b, String differs) {
    assertTrue(
        pairs(contrast).stream()
            .anyMatch(
                p ->
                    p.a().word().spelling().equals(a)
                        && p.b().word().spelling().equals(b)
                        && p.differs().equals(differs)));
  }

  @ParameterizedTest
  @ValueSource(strings = {"voicing", "split-vowel", "final-k", "c-or-k", "vowel:KIT-DRESS"})
  void everyPairDiffersByOneSound(String contrast) {
    List<MinimalPairs.Pair> pairs = pairs(contrast);
    assertTrue(pairs.size() > 5, contrast + " " + pairs.size());
    for (MinimalPairs.Pair pair : pairs) {
      assertEquals(1, distance(pair.a().sounds(), pair.b().sounds()), pair::toString);
    }
  }

  private static List<MinimalPairs.Pair> pairs(String contrast) {
    return new MinimalPairs(NEIGHBOURS, BRITISH).of(contrast, SEQUENCE.last());
  }

  private static Chains.Chain chain(
      int length, int from, int to, Optional<Boolean> doubled, int step, long seed) {
    return CHAINS.find(new Chains.Request(length, "", from, to, doubled, step, Set.of(), seed));
  }

  /** Edit distance of Levenshtein, by the book. */
  private static int distance(List<String> a, List<String> b) {
    int[][] cost = new int[a.size() + 1][b.size() + 1];
    for (int i = 0; i <= a.size(); i++) {
      for (int j = 0; j <= b.size(); j++) {
        if (i == 0 || j == 0) {
          cost[i][j] = i + j;
        } else {
          int change = a.get(i - 1).equals(b.get(j - 1)) ? 0 : 1;
          cost[i][j] =
              Math.min(cost[i - 1][j - 1] + change, 1 + Math.min(cost[i - 1][j], cost[i][j - 1]));
        }
      }
    }
    return cost[a.size()][b.size()];
  }
}
