package dettato.app.demo;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.rule.Opportunity;
import dettato.rule.RuleBook;
import dettato.rule.Side;
import dettato.simulate.Habit;
import dettato.simulate.Tendency;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.HashSet;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class DemoPlanTest {
  static List<DemoPlan.Sheet> sheets() {
    return DemoPlan.SHEETS;
  }

  @ParameterizedTest
  @MethodSource("sheets")
  void everySheetTestsItsRuleOnBothSidesWithCluesAndASentence(DemoPlan.Sheet sheet) {
    assertEquals(10, new HashSet<>(sheet.words()).size());
    long due = sheet.words().stream().filter(w -> isOn(Side.DUE, w, sheet.rule())).count();
    long notDue = sheet.words().stream().filter(w -> isOn(Side.NOT_DUE, w, sheet.rule())).count();
    assertTrue(due >= 4 && notDue >= 4, sheet.rule() + " " + due + "/" + notDue);
    for (String word : sheet.words()) {
      Word known = word(word);
      assertFalse(known.clue().isEmpty(), word);
      assertEquals(Word.Use.CHOOSE, known.use(), word);
    }
    assertTrue(sheet.sentence().matches("[A-Z].*\\."), sheet.sentence());
  }

  @Test
  void theSentencesUseKnownWords() {
    for (DemoPlan.Sheet sheet : DemoPlan.SHEETS) {
      for (String word : sheet.sentence().replaceAll("[^A-Za-z ]", "").split(" ")) {
        assertTrue(
            Lexicon.shipped().find(word, "en-GB").isPresent(), word + " in " + sheet.sentence());
      }
    }
  }

  @Test
  void theClassHasTwentySixChildrenAndHabitsOfKnownRules() {
    assertEquals(26, new HashSet<>(DemoPlan.CHILDREN).size());
    List<Tendency> planted =
        DemoPlan.children().stream().flatMap(c -> c.habits().stream()).toList();
    planted.stream().filter(Habit.class::isInstance).forEach(h -> RuleBook.of(((Habit) h).rule()));
    assertEquals(16, planted.stream().filter(Habit.class::isInstance).count());
    assertEquals(2, planted.stream().filter(h -> !(h instanceof Habit)).count());
  }

  private static boolean isOn(Side side, String word, String rule) {
    return RuleBook.opportunities(word(word)).stream()
        .filter(o -> o.rule().equals(rule))
        .map(Opportunity::side)
        .anyMatch(side::equals);
  }

  private static Word word(String spelling) {
    return Lexicon.shipped().find(spelling, "en-GB").orElseThrow();
  }
}
