package dettato.explain;

import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.mark.AttemptMarker;
import dettato.mark.Mark;
import dettato.mark.Result;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Whoever writes another word that everybody knows is told so: every word one letter away from
 * every third or sixth word; {@code -Ddettato.step=1} asks about all.
 */
class AnotherWordTest {
  /** The regular ending on a word that changes is told as its rule: dided, peoples. */
  private static final int MOST = 3;

  private static final String LETTERS = "abcdefghijklmnopqrstuvwxyz";

  @ParameterizedTest
  @CsvSource({"en-GB, 3", "en-US, 6"})
  void everyOtherWordOneLetterAwayIsTold(String id, int step) {
    Accent accent = Accents.of(id);
    Lexicon lexicon = Lexicon.shipped();
    AttemptMarker marker = new AttemptMarker(accent, lexicon);
    int pairs = 0;
    List<String> silent = new ArrayList<>();
    int at = 0;
    for (Word word : lexicon.words(id)) {
      if (at++ % Integer.getInteger("dettato.step", step) != 0) {
        continue;
      }
      if (word.apostrophe() >= 0 || word.use() != Word.Use.CHOOSE) {
        continue;
      }
      for (String near : near(word.letters())) {
        Optional<Word> other =
            lexicon.find(near, id).filter(w -> w.apostrophe() < 0 && !w.isName());
        if (other.isEmpty() || near.equals(word.letters()) || !other.get().letters().equals(near)) {
          continue;
        }
        pairs++;
        Mark mark = marker.mark(word, near);
        boolean told =
            Explanation.facts(mark, accent).stream()
                .anyMatch(f -> f.cause() == Cause.OTHER_WORD || f.cause() == Cause.VARIANT);
        if (mark.result() == Result.RIGHT || !told) {
          silent.add(word.spelling() + " " + near + " " + mark.result());
        }
      }
    }
    System.out.printf(
        "%s: %,d pairs of words one letter apart, %d not told%n", id, pairs, silent.size());
    silent.stream().limit(30).forEach(System.out::println);
    assertTrue(pairs > 5_000, pairs + " pairs");
    assertTrue(silent.size() <= MOST, silent.size() + " not told");
  }

  /** All that comes of one letter left out, added or put for another. */
  private static List<String> near(String letters) {
    List<String> near = new ArrayList<>();
    for (int at = 0; at <= letters.length(); at++) {
      String before = letters.substring(0, at);
      for (char c : LETTERS.toCharArray()) {
        near.add(before + c + letters.substring(at));
        if (at < letters.length()) {
          near.add(before + c + letters.substring(at + 1));
        }
      }
      if (at < letters.length()) {
        near.add(before + letters.substring(at + 1));
      }
    }
    return near.stream().distinct().toList();
  }
}
