package dettato.text;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.plan.TeachingSequence;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class PassageTest {
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
    SentenceReader reader =
        new SentenceReader(Lexicon.shipped(), Accents.of("en-GB"), TeachingSequence.shipped());
    for (Passage one : ALL) {
      List<String> unknown =
          reader.read(new Sentence(one.text())).unknown().stream()
              .filter(w -> Character.isLowerCase(w.charAt(0)))
              .toList();
      assertEquals(List.of(), unknown, one.title());
    }
  }

  /** A hunt needs a sound that a text spells in two ways or more, in five words or more. */
  @Test
  void givesHuntsForTwentyFiveSounds() {
    SentenceReader reader =
        new SentenceReader(Lexicon.shipped(), Accents.of("en-GB"), TeachingSequence.shipped());
    Map<String, Integer> texts = new HashMap<>();
    for (Passage one : ALL) {
      reader.counts(one.text()).entrySet().stream()
          .filter(e -> e.getValue().size() >= 2)
          .filter(e -> e.getValue().values().stream().mapToInt(Set::size).sum() >= 5)
          .forEach(e -> texts.merge(e.getKey(), 1, Integer::sum));
    }
    System.out.println("hunts: " + texts);
    assertTrue(texts.size() >= 25, texts.toString());
  }

  @Test
  void aQuestionWithoutAnswersIsNamed() {
    IllegalArgumentException named =
        assertThrows(
            IllegalArgumentException.class, () -> Passage.read(List.of("# A", "Text.", "? Who?")));
    assertTrue(String.valueOf(named.getMessage()).contains("Who?"));
  }
}
