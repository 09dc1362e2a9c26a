package dettato.rule;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.word.Lexicon;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Where each rule decides in a word, on both sides of its contrast and where it must keep quiet.
 */
class RulePlacesTest {
  @ParameterizedTest(name = "{0} in {1}: {2}")
  @CsvSource({
    "final-k, duck, DUE",
    "final-k, pocket, DUE",
    "final-k, milk, NOT_DUE",
    "final-k, book, NOT_DUE",
    "final-k, picnic, NOT_DUE",
    "final-k, cake, NOT_DUE",
    "final-k, cakes, NOT_DUE",
    "final-k, ducks, DUE",
    "final-k, cat, -",
    "final-k, school, -",
    "final-k, queen, -",
    "final-k, fox, -",
    "final-ch, hatch, DUE",
    "final-ch, kitchen, DUE",
    "final-ch, bench, NOT_DUE",
    "final-ch, coach, NOT_DUE",
    "final-ch, beaches, NOT_DUE",
    "final-ch, much, -",
    "final-ch, rich, -",
    "final-ch, chin, -",
    "final-j, ledge, DUE",
    "final-j, bridges, DUE",
    "final-j, cage, NOT_DUE",
    "final-j, hinge, NOT_DUE",
    "final-j, village, NOT_DUE",
    "final-j, large, NOT_DUE",
    "final-j, jam, -",
    "final-j, magic, -",
    "final-double, cliff, DUE",
    "final-double, shell, DUE",
    "final-double, ball, DUE",
    "final-double, grass, DUE",
    "final-double, leaf, NOT_DUE",
    "final-double, wolf, NOT_DUE",
    "final-double, bus, -",
    "final-double, if, -",
    "final-double, cats, -",
    "final-double, travel, -",
    "c-or-k, kettle, DUE",
    "c-or-k, skin, DUE",
    "c-or-k, cabin, NOT_DUE",
    "c-or-k, crab, NOT_DUE",
    "c-or-k, duck, -",
    "c-or-k, school, -",
    "c-or-k, uncle, -",
    "c-or-k, city, -",
    "split-vowel, hope, DUE",
    "split-vowel, cakes, DUE",
    "split-vowel, hop, NOT_DUE",
    "split-vowel, rain, NOT_DUE",
    "split-vowel, bend, NOT_DUE",
    "split-vowel, go, -",
    "split-vowel, hopping, -",
    "end-ai, tray, DUE",
    "end-ai, playing, DUE",
    "end-ai, train, NOT_DUE",
    "end-ai, cake, NOT_DUE",
    "end-ai, they, -",
    "end-ai, eight, -",
    "end-ai, cat, -",
    "double-before-ending, shopping, DUE",
    "double-before-ending, muddy, DUE",
    "double-before-ending, beginning, DUE",
    "double-before-ending, stirring, DUE",
    "double-before-ending, jumping, NOT_DUE",
    "double-before-ending, raining, NOT_DUE",
    "double-before-ending, fixing, NOT_DUE",
    "double-before-ending, baking, NOT_DUE",
    "double-before-ending, listening, NOT_DUE",
    "double-before-ending, cats, -",
    "double-before-ending, playing, -",
    "double-before-ending, boxes, -",
    "past-ed, helped, DUE",
    "past-ed, filled, DUE",
    "past-ed, planted, DUE",
    "past-ed, soft, NOT_DUE",
    "past-ed, gold, NOT_DUE",
    "past-ed, bed, -",
    "past-ed, hop, -",
    "plural-es, brushes, DUE",
    "plural-es, foxes, DUE",
    "plural-es, books, NOT_DUE",
    "plural-es, hens, NOT_DUE",
    "plural-es, cages, NOT_DUE",
    "plural-es, bus, -"
  })
  void decidesWhereItShould(String rule, String spelling, String side) {
    String found =
        RuleBook.opportunities(word(spelling)).stream()
            .filter(o -> o.rule().equals(rule))
            .map(o -> o.side().name())
            .distinct()
            .collect(Collectors.joining("+"));
    assertEquals(side, found.isEmpty() ? "-" : found);
  }

  static List<SpellingRule> rules() {
    return RuleBook.RULES;
  }

  @ParameterizedTest
  @MethodSource("rules")
  void speaksToATeacherAndToAChild(SpellingRule rule) {
    for (String said :
        List.of(rule.about().says(), rule.about().saysToChild(), rule.about().reason())) {
      assertTrue(said.endsWith(".") || said.endsWith("?"), said);
    }
    assertFalse(rule.about().name().isBlank());
  }

  @Test
  void noIdStandsForTwoRules() {
    Set<String> ids = new HashSet<>();
    RuleBook.RULES.forEach(r -> assertTrue(ids.add(r.id()), r.id()));
    assertThrows(IllegalArgumentException.class, () -> RuleBook.of("final-q"));
  }

  @Test
  void everyOpportunityIsObeyedByItsWordAndHasAReason() {
    for (Word word : Lexicon.shipped().words("en-GB")) {
      for (Opportunity o : RuleBook.opportunities(word)) {
        String grapheme = word.cut().unit(o.unit()).grapheme().text();
        assertEquals(Outcome.APPLIED, o.judge(grapheme, true), word.spelling() + " " + o.rule());
        assertTrue(o.why().contains("due") || o.why().contains("double"), o.why());
      }
    }
  }

  @Test
  void judgesByWhatIsDueAndWhatIsTooMuch() {
    Condition tall = Condition.due("final-j/tall", "dge is due", "Write dge.");
    Condition small = Condition.notDue("final-j/small", "ge is due", "Write ge.");
    Place last = new Place(word("badge"), 2);
    Opportunity due = tall.at(last, "dge", "dge is due").plainly("ge");
    assertEquals(Outcome.APPLIED, due.judge("dge", true));
    assertEquals(Outcome.UNDER, due.judge("ge", true));
    assertEquals(Outcome.UNTESTED, due.judge("t", false));
    Opportunity notDue = small.at(last, "ge", "ge is due").tooMuch("dge");
    assertEquals(Outcome.OVER, notDue.judge("dge", true));
    assertEquals(Outcome.UNTESTED, notDue.judge("x", true));
    assertEquals(Outcome.UNDER, notDue.leftOutBy("j").judge("j", true));
    assertThrows(IllegalArgumentException.class, () -> tall.at(last, Set.of(), "nothing"));
    assertThrows(
        IllegalArgumentException.class, () -> Condition.due("final-j", "no name", "No name."));
  }

  /** A long a in change, an r in starry: no short vowel may be said to stand there. */
  @Test
  void saysShortVowelOnlyOfShortVowels() {
    List<String> untrue =
        Lexicon.shipped().words("en-GB").stream()
            .flatMap(
                w ->
                    RuleBook.opportunities(w).stream()
                        .filter(o -> saysShort(o.condition().says()) || saysShort(o.why()))
                        .filter(o -> !lastVowel(w, o.unit()).isShortVowelLetter())
                        .map(o -> w.spelling() + ": " + o.why()))
            .toList();
    assertEquals(List.of(), untrue);
  }

  private static boolean saysShort(String text) {
    return text.matches(".*\\bshort (stressed )?vowel.*");
  }

  private static Unit lastVowel(Word word, int unit) {
    return IntStream.rangeClosed(0, unit)
        .map(i -> unit - i)
        .mapToObj(word.cut()::unit)
        .filter(u -> u.sound().isVowel())
        .findFirst()
        .orElseThrow();
  }

  private static Word word(String spelling) {
    return Lexicon.shipped().find(spelling, "en-GB").orElseThrow();
  }
}
