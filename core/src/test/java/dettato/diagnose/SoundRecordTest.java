package dettato.diagnose;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.diagnose.SoundRecord.Asked;
import dettato.diagnose.SoundRecord.Exact;
import dettato.mark.AttemptMarker;
import dettato.mark.Mark;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class SoundRecordTest {
  private static final LocalDate DAY = LocalDate.of(2026, 3, 2);
  private static final AttemptMarker MARKER =
      new AttemptMarker(Accents.of("en-GB"), Lexicon.shipped());
  private static final List<Word> WORDS = Lexicon.shipped().words("en-GB").subList(0, 1_500);

  @Test
  void thePlacesOfAWordAreThoseOfItsRightMark() {
    for (Word word : WORDS) {
      Mark mark = MARKER.mark(word, word.spelling());
      assertEquals(
          IntStream.range(0, mark.units().size()).mapToObj(i -> SoundPlace.of(mark, i)).toList(),
          SoundPlace.of(word),
          word.spelling());
    }
  }

  /** What is counted from words asked, less what was off, is what the marks themselves say. */
  @Test
  void countsWhatWasWrittenAsItIsDueFromTheWordsAsked() {
    List<Leanings.Sample> samples =
        List.of(
            sample("rain", "rane"),
            sample("rain", "rain"),
            sample("cake", "cake"),
            sample("thin", "fin"));
    SoundRecord marked = SoundRecord.of(samples, new Belief(Settings.USUAL, DAY));
    List<Asked> asked = List.of(asked("rain", 2), asked("cake", 1), asked("thin", 1));
    SoundRecord counted = SoundRecord.of(asked, marked.off(), Settings.USUAL, DAY);
    assertEquals(places(marked.exact()), places(counted.exact()));
    assertTrue(places(counted.exact()).contains("FACE a_e 1"), places(counted.exact()).toString());
  }

  private static List<String> places(List<Exact> exact) {
    List<String> each = new ArrayList<>();
    exact.stream()
        .collect(
            java.util.stream.Collectors.groupingBy(
                e -> e.place().sound() + " " + e.place().due(),
                java.util.TreeMap::new,
                java.util.stream.Collectors.summingInt(Exact::count)))
        .forEach((place, count) -> each.add(place + " " + count));
    return each;
  }

  private static Asked asked(String target, int count) {
    return new Asked(target, SoundPlace.of(word(target)), count, count);
  }

  private static Leanings.Sample sample(String target, String attempt) {
    return new Leanings.Sample(DAY, MARKER.mark(word(target), attempt));
  }

  private static Word word(String spelling) {
    return Lexicon.shipped().find(spelling, "en-GB").orElseThrow();
  }
}
