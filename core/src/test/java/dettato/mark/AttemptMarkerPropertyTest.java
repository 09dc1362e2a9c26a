package dettato.mark;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.explain.Explanation;
import dettato.reading.Guess;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class AttemptMarkerPropertyTest {
  private static final long SEED = 7;
  private static final List<Word> WORDS = Lexicon.shipped().words("en-GB");

  @Test
  void aRightAnswerIsNeverMarkedDown() {
    for (Word word : WORDS) {
      Mark mark = Marking.BRITISH.mark(word, word.spelling());
      assertEquals(Result.RIGHT, mark.result(), word.spelling());
      assertEquals(0, mark.points(), word.spelling());
    }
  }

  @Test
  void everyLetterEndsInOneUnitOrIsExtra() {
    Random random = new Random(SEED);
    for (int i = 0; i < 20_000; i++) {
      Word word = WORDS.get(random.nextInt(WORDS.size()));
      String attempt = garbled(word.letters(), random);
      Mark mark = Marking.BRITISH.mark(word, attempt);
      int units = mark.units().stream().mapToInt(u -> u.written().replace("_", "").length()).sum();
      int extra = mark.extras().stream().mapToInt(e -> e.written().length()).sum();
      assertEquals(
          attempt.length(), units + extra, word.spelling() + "/" + attempt + " seed " + SEED);
    }
  }

  /** Unicode, emoji, right-to-left letters, nothing, two thousand letters: at any word. */
  @Test
  void anythingTypedIsJudgedAndExplainedAndTheSameEveryTime() {
    Random random = new Random(SEED);
    for (int i = 0; i < 100_000; i++) {
      Word word = i % 500 == 0 ? anyWord(random) : WORDS.get(random.nextInt(WORDS.size()));
      String attempt = anything(random);
      Mark once = Marking.BRITISH.mark(word, attempt);
      assertTrue(once.points() > 0 || isAsTheModel(once), word.spelling() + "/" + attempt);
      if (i % 20 == 0) {
        assertEquals(once, Marking.BRITISH.mark(word, attempt), attempt);
        assertTrue(Marking.BRITISH.certainty(once).confidence() <= 1);
        boolean plain = once.result() == Result.RIGHT || once.result() == Result.BLANK;
        assertTrue(plain || !Explanation.of(once, Marking.BRITISH.accent()).isEmpty(), attempt);
      }
    }
  }

  /** Nothing is for nothing: only the model's own letters cost no points. */
  private static boolean isAsTheModel(Mark mark) {
    return Letters.of(mark.attempt(), -1).text().equals(mark.target().letters())
        || mark.units().stream().allMatch(u -> u.verdict() == Verdict.EXACT)
            && mark.extras().isEmpty();
  }

  /** A word outside the lexicon, of up to forty letters. */
  private static Word anyWord(Random random) {
    StringBuilder letters = new StringBuilder();
    for (int left = 1 + random.nextInt(40); left > 0; left--) {
      letters.append((char) ('a' + random.nextInt(26)));
    }
    return Guess.of(letters.toString());
  }

  private static String garbled(String word, Random random) {
    StringBuilder letters = new StringBuilder(word);
    for (int edits = 1 + random.nextInt(3); edits > 0; edits--) {
      int at = random.nextInt(letters.length() + 1);
      char letter = (char) ('a' + random.nextInt(26));
      switch (random.nextInt(3)) {
        case 0 -> letters.insert(at, letter);
        case 1 -> letters.setCharAt(Math.min(at, letters.length() - 1), letter);
        default -> {
          if (letters.length() > 1) {
            letters.deleteCharAt(Math.min(at, letters.length() - 1));
          }
        }
      }
    }
    return letters.toString();
  }

  private static String anything(Random random) {
    int length = random.nextInt(10) == 0 ? 2_000 : random.nextInt(12);
    StringBuilder text = new StringBuilder();
    for (int i = 0; i < length; i++) {
      text.appendCodePoint(
          switch (random.nextInt(5)) {
            case 0 -> 0x1F41A;
            case 1 -> 0x05D0 + random.nextInt(20);
            case 2 -> ' ' + random.nextInt(60);
            default -> 'a' + random.nextInt(26);
          });
    }
    return text.toString();
  }
}
