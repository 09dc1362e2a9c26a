package dettato.app.demo;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import dettato.app.ApiCase;
import dettato.plan.Unpredictable;
import dettato.rule.RuleBook;
import dettato.simulate.Habit;
import dettato.simulate.Tendency;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/** The demo class as it is after the first start. */
class DemoPlanTest extends ApiCase {
  private List<JsonNode> sheets() throws Exception {
    List<JsonNode> sheets = new ArrayList<>();
    for (JsonNode summary : read("/api/classes/1/sessions?from=2025-11-01&to=2026-03-05")) {
      sheets.add(read("/api/sessions/" + summary.get("id").asLong()));
    }
    return sheets;
  }

  @Test
  void everySheetTestsItsRuleOnBothSidesInAnOrderNobodyCanGuess() throws Exception {
    List<JsonNode> sheets = sheets();
    assertEquals(DemoPlan.SHEETS.size(), sheets.size());
    int cards = 0;
    for (JsonNode sheet : sheets) {
      String rule = sheet.at("/focus/0/rule").asText();
      int at = sheet.at("/blocks/0/kind").asText().equals("cards") ? 1 : 0;
      cards += at;
      List<String> sides = new ArrayList<>();
      Set<String> words = new HashSet<>();
      for (JsonNode item : sheet.at("/blocks/" + at + "/items")) {
        String word = item.get("text").asText();
        words.add(word);
        sides.add(item.get("side").asText());
        assertEquals(rule, item.get("rule").asText(), word);
        assertFalse(item.get("clue").asText().isEmpty(), word + " has no clue");
        assertEquals(Word.Use.CHOOSE, word(word).use(), word);
      }
      assertEquals(10, words.size());
      assertTrue(sides.stream().filter("DUE"::equals).count() >= 4, rule + sides);
      assertTrue(sides.stream().filter("NOT_DUE"::equals).count() >= 4, rule + sides);
      assertFalse(Unpredictable.alternates(sides), rule + sides);
      assertTrue(Unpredictable.longestRun(sides) <= Unpredictable.LONGEST_RUN, rule + sides);
      assertFalse(words.contains("bridge") || words.contains("page"), words.toString());
      assertEquals(1, sheet.at("/blocks/" + (at + 1) + "/items").size(), rule + " has a sentence");
      assertTrue(
          sheet.get("checks").isEmpty(), sheet.get("checks") + sheet.at("/blocks/1").toString());
    }
    assertTrue(cards >= 6, "sheets with cards: " + cards);
  }

  @Test
  void namesEveryPlantedHabitAndNobodyElse() throws Exception {
    Set<String> found = new TreeSet<>();
    read("/api/classes/1/findings")
        .get("findings")
        .forEach(
            f ->
                found.add(
                    f.get("pupil").asText()
                        + " "
                        + f.get("rule").asText()
                        + " "
                        + f.get("kind").asText()));
    Set<String> planted = new TreeSet<>();
    DemoPlan.children()
        .forEach(
            c ->
                c.habits().stream()
                    .filter(Habit.class::isInstance)
                    .map(Habit.class::cast)
                    .forEach(h -> planted.add(c.name() + " " + h.rule() + " " + h.kind())));
    assertEquals(planted, found);
  }

  @Test
  void todaysPapersAreHalfMarked() throws Exception {
    JsonNode today = read("/api/classes/1/sessions?from=2026-03-04&to=2026-03-04").get(0);
    assertEquals("GIVEN", today.get("state").asText());
    assertEquals(13, today.get("marked").asInt());
    assertEquals(26, today.get("papers").asInt());
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

  private static Word word(String spelling) {
    return Lexicon.shipped().find(spelling, "en-GB").orElseThrow();
  }
}
