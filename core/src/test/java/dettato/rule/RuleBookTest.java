package dettato.rule;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.reading.Proposer;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import dettato.word.Segmentation;
import dettato.word.Word;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RuleBookTest {
  private static final Lexicon LEXICON = Lexicon.shipped();

  /** Written from the language: what a word obeys, and what it breaks. */
  @ParameterizedTest(name = "{0} obeys {1} and breaks {2}")
  @CsvSource({
    "badge, final-j, ''",
    "much, '', final-ch",
    "duck, final-k, ''",
    "bus, '', final-double",
    "hopping, double-before-ending, ''",
    "knowledge, '', final-j",
    "boxes, plural-es, ''"
  })
  void asksWhatAWordObeysAndBreaks(String word, String obeyed, String broken) {
    Word known = LEXICON.find(word, "en-GB").orElseThrow();
    RuleBook.Places places = RuleBook.places(known);
    assertEquals(broken, ids(places.broken(), broken));
    assertEquals(obeyed, ids(places.obeyed(), obeyed));
    assertFalse(ids(places.obeyed(), broken).equals(broken) && !broken.isEmpty(), word);
  }

  /** The id, when it is among the places; "" when it is not. */
  private static String ids(List<Opportunity> places, String id) {
    return places.stream().map(Opportunity::rule).filter(id::equals).findFirst().orElse("");
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
