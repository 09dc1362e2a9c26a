package dettato.mark;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

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
      String attempt = garbled(word.spelling(), random);
      Mark mark = Marking.BRITISH.mark(word, attempt);
      int units = mark.units().stream().mapToInt(u -> u.written().replace("_", "").length()).sum();
      int extra = mark.extras().stream().mapToInt(e -> e.written().length()).sum();
      assertEquals(
          attempt.length(), units + extra, word.spelling() + "/" + attempt + " seed " + SEED);
    }
  }

  @Test
  void anythingTypedIsJudgedAndTheSameEveryTime() {
    Random random = new Random(SEED);
    for (int i = 0; i < 5_000; i++) {
      Word word = WORDS.get(random.nextInt(WORDS.size()));
      String attempt = anything(random);
      Mark once = Marking.BRITISH.mark(word, attempt);
      assertEquals(once, Marking.BRITISH.mark(word, attempt), attempt);
      assertTrue(once.points() >= 0);
    }
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
