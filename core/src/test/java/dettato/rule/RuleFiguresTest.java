package dettato.rule;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.word.Lexicon;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RuleFiguresTest {
  @ParameterizedTest(name = "{0} holds in at least {1} % of words")
  @CsvSource({
    "final-k, 90",
    "final-ch, 90",
    "final-j, 95",
    "final-double, 80",
    "c-or-k, 90",
    "double-before-ending, 97",
    "past-ed, 97",
    "plural-es, 97"
  })
  void ruleHoldsAsOftenAsIsSaid(String id, int percent) {
    RuleFigures figures = RuleFigures.of(RuleBook.of(id), Lexicon.shipped().words("en-GB"));
    assertTrue(
        figures.holds() * 100 >= percent * figures.total(),
        figures.holds() + " of " + figures.total() + ", not " + figures.exceptions());
  }

  @Test
  void listsMuchAndSuchAsExceptions() {
    RuleFigures figures = RuleFigures.of(RuleBook.of("final-ch"), Lexicon.shipped().words("en-GB"));
    for (String word : new String[] {"much", "such", "rich", "which"}) {
      assertTrue(figures.exceptions().contains(word), word);
    }
  }

  @Test
  void aSideKnownByHeartCountsAgainstARuleAndIsShownAllTheSame() {
    RuleFigures figures = RuleFigures.of(RuleBook.of("final-le"), Lexicon.shipped().words("en-GB"));
    assertTrue(figures.exceptions().contains("pedal") && figures.notDue().contains("pedal"));
    assertTrue(figures.notDue().contains("camel") && !figures.exceptions().contains("camel"));
    assertTrue(figures.due().contains("candle") && !figures.exceptions().contains("candle"));
    assertTrue(figures.holds() < 0.8 * figures.total(), figures.holds() + " of " + figures.total());
  }

  /** Every word in which c says s is counted, those that must be known apart. */
  @Test
  void softCIsWhole() {
    RuleFigures figures = RuleFigures.of(RuleBook.of("soft-c"), Lexicon.shipped().words("en-GB"));
    Map<String, String> at =
        Map.of(
            "face",
            "end-ce",
            "racing",
            "end-ce",
            "city",
            "start",
            "circle",
            "start",
            "pencil",
            "inside",
            "fence",
            "kept-soft");
    at.forEach(
        (word, condition) ->
            assertTrue(
                figures.conditions().stream()
                    .filter(c -> c.condition().id().equals("soft-c/" + condition))
                    .anyMatch(c -> c.words().contains(word)),
                word));
    assertFalse(figures.due().contains("city") || figures.exceptions().contains("city"));
  }

  @Test
  void longerWordsThatDoubleAreNamed() {
    RuleFigures figures =
        RuleFigures.of(RuleBook.of("final-double"), Lexicon.shipped().words("en-GB"));
    assertTrue(figures.exceptions().containsAll(List.of("across", "address", "success")));
    assertFalse(figures.exceptions().contains("ruler"));
  }

  /** Two letters make the vowel: no e is due, and none is there. */
  @Test
  void sheepIsNoExceptionOfTheSilentE() {
    RuleFigures figures =
        RuleFigures.of(RuleBook.of("split-vowel"), Lexicon.shipped().words("en-GB"));
    assertFalse(figures.exceptions().contains("sheep"));
  }

  @Test
  void anExceptionIsNoOpportunity() {
    assertTrue(
        RuleBook.opportunities(Lexicon.shipped().find("much", "en-GB").orElseThrow()).stream()
            .noneMatch(o -> o.rule().equals("final-ch")));
  }
}
