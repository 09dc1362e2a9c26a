package dettato.word;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.find.SoundFigures;
import dettato.find.WordIndex;
import dettato.plan.TeachingSequence;
import dettato.sound.Accent;
import dettato.sound.Accents;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class SyllabicLTest {
  private static final Accent BRITISH = Accents.of("en-GB");

  private static Optional<String> of(String spelling) {
    Word word = Lexicon.shipped().find(spelling, BRITISH.id()).orElseThrow();
    return SyllabicL.of(word, BRITISH).map(end -> end.ipa() + " " + end.grapheme());
  }

  @ParameterizedTest
  @CsvSource({
    "camel, əl el",
    "metal, əl al",
    "pencil, əl il",
    "symbol, əl ol",
    "travel, əl el",
    "hospital, əl al",
    "fossil, əl il"
  })
  void aWeakVowelAndLAtTheEndAreHeardAsOne(String spelling, String heard) {
    assertEquals(Optional.of(heard), of(spelling));
  }

  @ParameterizedTest
  @ValueSource(strings = {"apple", "tell", "until", "hotel", "school", "football", "smile", "owl"})
  void aStressedVowelALongOneOrOneUnitIsNone(String spelling) {
    assertEquals(Optional.empty(), of(spelling));
  }

  @Test
  void theSoundIsShownWithAllItsSpellings() {
    WordIndex index = new WordIndex(Lexicon.shipped(), BRITISH, TeachingSequence.shipped());
    List<String> shown =
        SoundFigures.of(index, TeachingSequence.shipped()).stream()
            .filter(s -> s.phoneme().equals("əl"))
            .flatMap(s -> s.graphemes().stream())
            .map(SoundFigures.GraphemeFigure::grapheme)
            .toList();
    assertEquals("le", shown.get(0));
    assertTrue(shown.containsAll(List.of("el", "al", "il")), shown::toString);
  }
}
