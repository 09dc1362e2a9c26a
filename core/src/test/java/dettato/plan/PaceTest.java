package dettato.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.sound.Accents;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class PaceTest {
  private static final Pace MEASURED = new Pace(1);

  @Test
  void takesTheMeasuredMedians() {
    assertEquals(41, MEASURED.word(false, false));
    assertEquals(87, MEASURED.word(true, false));
    assertEquals(29, MEASURED.word(false, true));
    assertEquals(84, MEASURED.sentence(6));
  }

  @Test
  void aClassInTheRoomTakesHalfAsLongAgainAsOneChildAtTheDesk() {
    assertEquals(62, Pace.IN_THE_ROOM.word(false, false));
    assertEquals(113, Pace.IN_THE_ROOM.frame());
    assertEquals(75, MEASURED.frame());
  }

  @Test
  void aSentenceHasTimeToBeHeldAndWritten() {
    assertEquals(72, Pace.sentencePause(6));
  }

  @Test
  void moreSoundsGiveMoreTimeToWrite() {
    assertEquals(4, Pace.writingPause(5) - Pace.writingPause(4));
  }

  @Test
  void theSequenceKnowsWhenAUnitIsTaughtInEachAccent() {
    TeachingSequence sequence = TeachingSequence.shipped();
    Word duck = Lexicon.shipped().find("duck", "en-GB").orElseThrow();
    for (String accent : List.of("en-GB", "en-US")) {
      Optional<Integer> step = sequence.taughtAt(duck.cut().unit(2), Accents.of(accent));
      assertTrue(step.isPresent() && step.get() <= 12, accent + " ck at " + step);
    }
    assertEquals(List.of("d", "u", "ck"), sequence.untaught(duck, 0, Accents.of("en-GB")));
    assertEquals(List.of(), sequence.untaught(duck, sequence.last(), Accents.of("en-GB")));
  }

  @Test
  void theSequenceBeginsWithWhatIsEasyToHear() {
    TeachingSequence.shipped().steps().stream()
        .filter(s -> s.number() <= 6)
        .forEach(
            s ->
                assertTrue(
                    s.sound().kind() == dettato.sound.Sound.Kind.SHORT || !s.sound().isVowel(),
                    s.grapheme() + " at step " + s.number()));
  }
}
