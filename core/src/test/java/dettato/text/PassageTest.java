package dettato.text;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.plan.TeachingSequence;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.sound.Sounds;
import dettato.word.Lexicon;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class PassageTest {
  private static final Accent BRITISH = Accents.of("en-GB");
  private static final SentenceReader READER =
      new SentenceReader(Lexicon.shipped(), BRITISH, TeachingSequence.shipped());
  private static final List<Passage> ALL = Passage.shipped();

  @Test
  void areSixtyOfThirtyFiveToAHundredAndTenWords() {
    assertTrue(ALL.size() >= 60, "texts: " + ALL.size());
    assertEquals(ALL.size(), ALL.stream().map(Passage::title).distinct().count());
    for (Passage one : ALL) {
      int words = Sentence.wordsOf(one.text()).size();
      assertTrue(words >= 35 && words <= 110, one.title() + " has " + words + " words");
    }
  }

  @Test
  void everyAnswerStandsInTheTextAndNoOtherDoes() {
    for (Passage one : ALL) {
      String text = one.text().toLowerCase(Locale.ROOT);
      assertTrue(one.questions().size() >= 3 && one.questions().size() <= 5, one.title());
      for (Passage.Question q : one.questions()) {
        String where = one.title() + ": " + q;
        assertTrue(q.asks().matches("[A-Z].*\\?"), where);
        assertTrue(text.contains(q.answer().toLowerCase(Locale.ROOT)), where);
        assertTrue(q.others().size() >= 2, where);
        q.others()
            .forEach(o -> assertFalse(text.contains(o.toLowerCase(Locale.ROOT)), where + " " + o));
      }
    }
  }

  @Test
  void areWordsWeKnowButNames() {
    for (Passage one : ALL) {
      List<String> unknown =
          READER.read(new Sentence(one.text())).unknown().stream()
              .filter(w -> Character.isLowerCase(w.charAt(0)))
              .toList();
      assertEquals(List.of(), unknown, one.title());
    }
  }

  @Test
  void givesHuntsForTwentyFiveSoundsWithNoEmptyColumn() {
    Hunts hunts = new Hunts(READER, ALL);
    Map<String, List<Hunts.Hunt>> bySound =
        Sounds.all().stream()
            .map(BRITISH::say)
            .distinct()
            .collect(Collectors.toMap(s -> s, hunts::of));
    bySound.values().removeIf(List::isEmpty);
    System.out.println("hunts for " + bySound.keySet());
    assertTrue(bySound.size() >= 25, bySound.keySet()::toString);
    for (List<Hunts.Hunt> some : bySound.values()) {
      for (Hunts.Hunt hunt : some) {
        assertTrue(hunt.columns().size() >= 2);
        assertTrue(hunt.columns().stream().noneMatch(c -> c.words().isEmpty()));
        assertFalse(hunt.spans().isEmpty());
      }
    }
  }

  @Test
  void allTextsAreThereWithoutASound() {
    assertEquals(ALL.size(), new Hunts(READER, ALL).of("").size());
  }

  @Test
  void aQuestionWithoutAnswersIsNamed() {
    IllegalArgumentException named =
        assertThrows(
            IllegalArgumentException.class, () -> Passage.read(List.of("# A", "Text.", "? Who?")));
    assertTrue(String.valueOf(named.getMessage()).contains("Who?"));
  }
}
