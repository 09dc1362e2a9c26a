package dettato.rule;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.sound.Accents;
import dettato.word.Lexicon;
import dettato.word.Proposer;
import dettato.word.Segmentation;
import dettato.word.Word;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RuleBookTest {
  private static final Lexicon LEXICON = Lexicon.shipped();

  @Test
  void asksEveryRuleOnceWhatTheWordObeysAndBreaks() {
    for (Word word : LEXICON.words("en-GB").subList(0, 2_000)) {
      RuleBook.Places places = RuleBook.places(word);
      assertEquals(RuleBook.opportunities(word), places.obeyed(), word.spelling());
      assertEquals(RuleBook.exceptions(word), places.broken(), word.spelling());
      places.obeyed().forEach(p -> assertTrue(RuleBook.obeys(word, p), word + " " + p));
      places.broken().forEach(p -> assertFalse(RuleBook.obeys(word, p), word + " " + p));
    }
  }

  @ParameterizedTest(name = "{0} breaks {1} firm rules")
  @CsvSource({"badge, 0", "much, 1", "knowledge, 1", "camel, 0", "crowd, 0"})
  void countsTheFirmRulesAWordBreaks(String word, int broken) {
    assertEquals(broken, RuleBook.broken(LEXICON.find(word, "en-GB").orElseThrow()));
  }

  @ParameterizedTest(name = "{1} for the sounds of {0} keeps the rules: {2}")
  @CsvSource({
    "zain, zane, true",
    "zain, zayn, false",
    "zadge, zadge, true",
    "zadge, zaj, false",
    "zeet, zeat, true"
  })
  void tellsASpellingThatKeepsTheRules(String model, String written, boolean keeps) {
    assertEquals(keeps, RuleBook.keeps(Word.invented(cut(model)), cut(written)));
  }

  @Test
  void knowsTheRulesOfJoins() {
    assertTrue(RuleBook.joins("y-to-i") && RuleBook.joins("keep-stem"));
    assertFalse(RuleBook.joins("final-j"));
    assertThrows(IllegalArgumentException.class, () -> RuleBook.of("no-such-rule"));
  }

  private static Segmentation cut(String word) {
    return Proposer.shipped().propose(word, Accents.of("en-GB"), 1).get(0).cut();
  }
}
