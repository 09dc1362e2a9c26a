package dettato.mark;

import static org.junit.jupiter.api.Assertions.assertEquals;

import dettato.reading.Guess;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

/** Pairs written down from the language before the marker was asked. */
class ConditionsOfAttemptsTest {
  @ParameterizedTest(name = "{0} written \"{1}\" in {2} is {3}, read /{4}/")
  @CsvFileSource(resources = "read-by-strangers.csv", numLinesToSkip = 1)
  void readsAsAStrangerToTheTargetWould(
      String target, String attempt, String accent, String result, String reads) {
    AttemptMarker marker = new AttemptMarker(Accents.of(accent), Lexicon.shipped());
    Word word = Lexicon.shipped().find(target, accent).orElseThrow();
    Mark mark = marker.mark(word, attempt);
    assertEquals(result, mark.result().name(), mark::readsAs);
    if (reads != null) {
      assertEquals(reads, mark.readsAs());
    }
  }

  /**
   * Spellings as children write them, each with the result a teacher would give, noted before the
   * marker was asked, in six batches of some 1,370 in all. Of the fifth, 345 words written after
   * the mending of the first four, nine were not accepted; all but three (cloze for close, medsin,
   * silents) were mended at their cause. Of the sixth, 332 words in both accents, five were not
   * (beter, oranj, squirel, close for clothes, and how the rest of somefink is read; the last is
   * mended). Where the note and the marker differ by taste (casel for castle) the marker's stands.
   */
  @ParameterizedTest(name = "{0} written \"{1}\" in {2} is {3}")
  @CsvFileSource(resources = "blind-attempts.csv", numLinesToSkip = 1)
  void givesTheResultATeacherWould(String target, String attempt, String accent, String result) {
    AttemptMarker marker = accent.equals("en-US") ? Marking.AMERICAN : Marking.BRITISH;
    Mark mark = Marking.mark(marker, target, attempt);
    assertEquals(result, mark.result().name(), mark::readsAs);
  }

  @ParameterizedTest(name = "{0} written \"{1}\" fails {2}")
  @CsvFileSource(resources = "failed-conditions.csv", numLinesToSkip = 1)
  void namesTheConditionThatFailed(String target, String attempt, String conditions) {
    Word word = Lexicon.shipped().find(target, "en-GB").orElseGet(() -> Guess.of(target));
    String failed =
        Marking.BRITISH.mark(word, attempt).rules().stream()
            .filter(r -> r.outcome().isFailure())
            .map(r -> r.at().condition().id() + "=" + r.outcome())
            .collect(Collectors.joining(" "));
    assertEquals(conditions, failed.isEmpty() ? "-" : failed);
  }
}
