package dettato.rule;

import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.word.Lexicon;
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
    assertTrue(figures.exceptions().contains("camel") && figures.notDue().contains("camel"));
    assertTrue(figures.due().contains("candle") && !figures.exceptions().contains("candle"));
    assertTrue(figures.holds() < 0.7 * figures.total(), figures.holds() + " of " + figures.total());
  }

  @Test
  void anExceptionIsNoOpportunity() {
    assertTrue(
        RuleBook.opportunities(Lexicon.shipped().find("much", "en-GB").orElseThrow()).stream()
            .noneMatch(o -> o.rule().equals("final-ch")));
  }
}
