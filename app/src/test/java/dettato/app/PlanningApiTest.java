package dettato.app;

import static org.hamcrest.Matchers.containsString;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import dettato.plan.Choice;
import dettato.plan.TeachingSequence;
import dettato.plan.WordChooser;
import dettato.rule.Outcome;
import dettato.simulate.Habit;
import dettato.simulate.SimulatedChild;
import dettato.simulate.SimulatedClass;
import dettato.simulate.Tendency;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.HttpHeaders;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/**
 * Sessions filled with what a class needs: templates, groups, review, cards, time, copies, files.
 */
class PlanningApiTest extends ApiCase {

  private MockHttpServletRequestBuilder state(JsonNode session, Object took) throws Exception {
    return write(
            put("/api/sessions/" + session.get("id").asLong() + "/state"),
            body("state", "GIVEN", "took", took))
        .header(HttpHeaders.IF_MATCH, "\"" + session.get("version").asLong() + "\"");
  }

  /** Ada writes ch for tch after a short vowel, in words of four weeks; Bea does not. */
  private long habit(String name) throws Exception {
    long of = newClass(name);
    StringBuilder csv = new StringBuilder("date,pupil,target,attempt\n");
    List<String> words = List.of("hatch", "fetch", "ditch", "match", "catch", "patch", "pitch");
    for (int i = 0; i < words.size(); i++) {
      String right = words.get(i);
      String date = "2026-02-%02d".formatted(2 + 3 * i);
      csv.append(date).append(",Ada,").append(right).append(',');
      csv.append(right.replace("tch", "ch")).append('\n');
      csv.append(date).append(",Bea,").append(right).append(',').append(right).append('\n');
    }
    load(of, csv.toString()).andExpect(status().isOk());
    return of;
  }

  @Test
  void isAboutWhatThePapersAskFor() throws Exception {
    Map<String, Object> needs = Map.of("needs", true);
    mvc.perform(
            write(
                post("/api/classes/" + newClass("No papers") + "/sessions"),
                body("date", TODAY, "focus", List.of(needs))))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString("no pattern")));
    JsonNode made = planned(habit("Needs"), TODAY, "dictation", needs);
    assertEquals("final-ch", made.at("/focus/0/rule").asText(), made::toString);
    JsonNode words = block(made, "words").get("items");
    long broken =
        StreamSupport.stream(words.spliterator(), false)
            .filter(i -> i.path("condition").asText().equals("final-ch/short"))
            .count();
    assertTrue(2 * broken >= words.size(), words::toString);
  }

  /**
   * What was missed comes back, with how many missed it; nobody asks twice what was asked lately.
   */
  @Test
  void reviewComesDue() throws Exception {
    long of = habit("Review");
    JsonNode made = planned(of, TODAY, "short", rule("final-j"));
    JsonNode review = block(made, "words");
    assertEquals("REVIEW", review.get("role").asText());
    assertEquals("Review words", review.get("title").asText());
    assertTrue(
        review.at("/items/0/why").asText().matches("1 of 2 missed it on \\d+ February"),
        review::toString);
    Set<String> first = new HashSet<>(texts(made));
    JsonNode next = planned(of, "2026-03-05", "dictation", rule("final-j"));
    texts(next).forEach(t -> assertFalse(first.contains(t), t));
  }

  @Test
  void aGroupIsPlannedForAndMarkedAlone() throws Exception {
    long of = habit("Group");
    long bea = pupil(of, 1);
    JsonNode made =
        read(
            write(
                post("/api/classes/" + of + "/sessions"),
                body("date", TODAY, "focus", List.of(rule("final-ch")), "pupils", List.of(bea))));
    JsonNode papers = read("/api/sessions/" + made.get("id").asLong() + "/papers");
    assertEquals(1, papers.size());
    assertEquals("Bea", papers.at("/0/pupil/name").asText());
    JsonNode listed = read("/api/classes/" + of + "/sessions?from=" + TODAY + "&to=" + TODAY);
    assertEquals(1, listed.at("/0/papers").asInt());
    assertTrue(listed.at("/0/minutes").asInt() > 5);
    mvc.perform(
            write(
                post("/api/classes/" + of + "/sessions"),
                body("date", TODAY, "focus", List.of(rule("final-ch")), "pupils", List.of(0))))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString("no child 0")));
  }

  @ParameterizedTest(name = "{0}")
  @CsvSource({"1900-01-01", "0206-03-05", "2100-01-01"})
  void noSessionIsPlannedOnADayWithAWrongYear(String date) throws Exception {
    mvc.perform(
            write(
                post("/api/classes/" + newClass("Years") + "/sessions"),
                body("date", date, "focus", List.of(rule("final-j")))))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString("2000-01-01 to 2099-12-31")));
  }

  /** A card that was given is not dealt again today; one the class stumbled on is back tomorrow. */
  @Test
  void cardsAreDealtAndComeBack() throws Exception {
    long of = newClass("Cards");
    JsonNode made = planned(of, "2026-03-03", "by-heart", rule("final-ch"));
    JsonNode cards = block(made, "cards");
    assertTrue(cards.get("spoken").asBoolean() && cards.get("items").size() == 8);
    long stumbled = cards.at("/items/2/id").asLong();
    String front = cards.at("/items/2/says").asText();
    mvc.perform(
            write(
                put("/api/sessions/" + made.get("id").asLong() + "/items/" + stumbled + "/stumble"),
                "{\"stumbled\":true}"))
        .andExpect(status().isNoContent());
    read(state(read("/api/sessions/" + made.get("id").asLong()), Map.of()));
    JsonNode deck = read("/api/classes/" + of + "/deck");
    JsonNode back =
        StreamSupport.stream(deck.get("cards").spliterator(), false)
            .filter(c -> c.get("front").asText().equals(front))
            .findFirst()
            .orElseThrow();
    assertEquals("BACK", back.get("state").asText());
    assertTrue(back.get("due").asBoolean() && back.get("dealt").asBoolean());
    JsonNode next = block(planned(of, TODAY, "by-heart", rule("final-ch")), "cards");
    assertEquals(front, next.at("/items/0/says").asText());
    assertEquals("missed last time", next.at("/items/0/why").asText());
    assertEquals(
        0, read("/api/sessions/" + made.get("id").asLong() + "/papers").at("/0/cells").size());
  }

  /** Blocks that took twice as long are planned longer the next time, and the error is told. */
  @Test
  void timeIsLearntFromWhatWasGiven() throws Exception {
    long of = newClass("Time");
    JsonNode before = planned(of, "2026-03-03", "dictation", rule("final-ch"));
    int planned = block(before, "words").get("seconds").asInt();
    assertTrue(before.path("learnt").isMissingNode());
    Map<String, Integer> took = Map.of(block(before, "words").get("id").asText(), 2 * planned);
    read(state(before, took));
    JsonNode after = planned(of, TODAY, "dictation", rule("final-j"));
    assertTrue(block(after, "words").get("seconds").asInt() > 1.2 * planned, after::toString);
    assertEquals(0.5, after.at("/learnt/before").asDouble(), 0.01);
  }

  /** What is dropped first leaves a session that fits. */
  @Test
  void overTheLimitItSaysWhatToDrop() throws Exception {
    long of = newClass("Long");
    JsonNode made = planned(of, TODAY, "contrast", rule("final-ch"));
    assertTrue(made.get("seconds").asInt() > made.get("limit").asInt());
    Set<Long> drops = new HashSet<>();
    made.get("drops").forEach(d -> drops.add(d.asLong()));
    assertTrue(drops.size() > 1);
    List<Object> blocks = new ArrayList<>();
    for (JsonNode block : made.get("blocks")) {
      List<Object> items = new ArrayList<>();
      block
          .get("items")
          .forEach(
              i -> {
                if (!drops.contains(i.get("id").asLong())) {
                  items.add(Map.of("id", i.get("id"), "text", i.get("text")));
                }
              });
      blocks.add(Map.of("id", block.get("id"), "kind", block.get("kind"), "items", items));
    }
    JsonNode fits =
        read(
            write(
                    put("/api/sessions/" + made.get("id").asLong()),
                    body("date", TODAY, "title", "", "focus", made.get("focus"), "blocks", blocks))
                .header(HttpHeaders.IF_MATCH, "\"" + made.get("version").asLong() + "\""));
    assertTrue(fits.get("seconds").asInt() <= fits.get("limit").asInt(), fits::toString);
    assertEquals(0, fits.get("drops").size());
  }

  /**
   * Nine children of twelve leave out tch after a short vowel, with strength 0.85, or put it after
   * a consonant; what is planned for the class tests what they break, against its contrast.
   */
  @Test
  void findingsOfASimulatedClassLeadToTheConditionsItBreaks() throws Exception {
    List<SimulatedChild> children = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      List<Tendency> habits =
          i < 5
              ? List.of(new Habit("final-ch", Outcome.UNDER, Set.of("final-ch/short"), 0.85))
              : i < 9
                  ? List.of(new Habit("final-ch", Outcome.OVER, Set.of("final-ch/consonant"), 0.85))
                  : List.of();
      children.add(new SimulatedChild("child" + i, habits, 0.05));
    }
    SimulatedClass simulated = new SimulatedClass(children, 3);
    long of =
        read(write(
                post("/api/classes"),
                body(
                    "name",
                    "Simulated",
                    "accent",
                    "en-GB",
                    "pupils",
                    children.stream().map(SimulatedChild::name).toList())))
            .get("id")
            .asLong();
    List<Choice> words =
        new WordChooser(Lexicon.shipped(), Accents.of("en-GB"), TeachingSequence.shipped())
            .candidates("final-ch", TeachingSequence.shipped().last());
    StringBuilder csv = new StringBuilder("date,pupil,target,attempt\n");
    for (int day = 0; day < 6; day++) {
      for (SimulatedChild child : children) {
        for (int w = 0; w < 10; w++) {
          Word word = words.get((11 * day + 7 * w) % 90).word();
          csv.append("2026-02-%02d,".formatted(9 + day)).append(child.name()).append(',');
          csv.append(word.spelling()).append(',');
          csv.append(simulated.attempt(child, word, day)).append('\n');
        }
      }
    }
    load(of, csv.toString()).andExpect(status().isOk());
    Map<String, Integer> broken = new java.util.HashMap<>();
    read("/api/classes/" + of + "/findings")
        .get("findings")
        .forEach(
            f ->
                f.get("broken")
                    .forEach(b -> broken.merge(b.get("condition").asText(), 1, Integer::sum)));
    assertTrue(broken.getOrDefault("final-ch/short", 0) >= 3, broken::toString);
    assertTrue(broken.getOrDefault("final-ch/consonant", 0) >= 3, broken::toString);
    JsonNode made = planned(of, TODAY, "dictation", Map.of("needs", true));
    int tested = 0;
    JsonNode items = block(made, "words").get("items");
    for (JsonNode item : items) {
      tested += broken.getOrDefault(item.path("condition").asText(), 0) >= 3 ? 1 : 0;
      assertEquals("final-ch", item.path("rule").asText());
    }
    System.out.printf(
        "%d of %d focus words test a condition that three children or more break: %s%n",
        tested, items.size(), broken);
    assertTrue(2 * tested >= items.size(), items::toString);
  }

  /** A sentence of five hundred words, a word with digits: told, and the sheet stays as it was. */
  @Test
  void whatIsNoItemIsToldAndTheSheetStays() throws Exception {
    JsonNode made = newSession(newClass("Bad items"), TODAY);
    mvc.perform(rewrite(made, "gull ".repeat(500) + ".", "badge"))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString("Make two of it")));
    mvc.perform(rewrite(made, "A gull.", "ca7t"))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString("ca7t")));
    assertEquals(texts(made), texts(read("/api/sessions/" + made.get("id").asLong())));
  }

  /** What is too long is said to be so; nobody else is blamed for it. */
  @Test
  void whatIsTooLongToBeKeptIsSaidSo() throws Exception {
    long of = newClass("Too long");
    JsonNode made = newSession(of, TODAY);
    String path = "/api/sessions/" + made.get("id").asLong();
    String many =
        "{\"date\":\"%s\",\"title\":\"\",\"focus\":[{\"sound\":\"eɪ\",\"graphemes\":[%s]}],\"blocks\":[]}"
            .formatted(TODAY, "\"ai\",".repeat(399) + "\"ai\"");
    mvc.perform(write(put(path), many).header("If-Match", version(made)))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString("graphemes")));
    String card =
        "{\"date\":\"%s\",\"title\":\"\",\"focus\":[{\"rule\":\"final-j\"}],\"blocks\":[{\"kind\":\"cards\",\"items\":[{\"text\":\"%s [/eɪ/]\"}]}]}"
            .formatted(TODAY, "a".repeat(404));
    mvc.perform(write(put(path), card).header("If-Match", version(made)))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString("an item has at most 300")));
  }

  private static String version(JsonNode session) {
    return "\"" + session.get("version").asLong() + "\"";
  }
}
