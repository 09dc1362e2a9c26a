package dettato.app;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.HttpHeaders;

/** Sessions planned, changed, given, taken away. */
class SessionApiTest extends ApiCase {
  @Test
  void aNewSessionIsFilledTheSameForTheSameSeed() throws Exception {
    long of = newClass("Fill");
    JsonNode made = newSession(of, "2026-03-05");
    assertEquals("PLANNED", made.get("state").asText());
    assertEquals("dge or ge at the end", made.get("title").asText());
    assertEquals("words", made.at("/blocks/0/kind").asText());
    assertEquals(10, made.at("/blocks/0/items").size());
    assertEquals("sentence", made.at("/blocks/1/kind").asText());
    assertEquals(1, made.at("/blocks/1/items").size());
    JsonNode item = made.at("/blocks/0/items/0");
    assertEquals(item.get("text").asText(), item.at("/answer/0").asText());
    assertTrue(item.get("says").asText().startsWith(item.get("text").asText()));
    assertEquals("final-j", item.get("rule").asText());
    assertTrue(made.get("seconds").asInt() > 600 && made.get("limit").asInt() == 1200);
    assertEquals(texts(made), texts(newSession(newClass("Fill too"), "2026-03-06")));
    assertNotEquals(texts(made), texts(newSession(of, "2026-03-06")));
  }

  private static List<Long> ids(JsonNode session) {
    List<Long> ids = new ArrayList<>();
    session.at("/blocks/0/items").forEach(i -> ids.add(i.get("id").asLong()));
    return ids;
  }

  @Test
  void fillsForASoundWithRivalsAndForIrregularWords() throws Exception {
    long of = newClass("Kinds of focus");
    JsonNode rivals =
        read(
            write(
                post("/api/classes/" + of + "/sessions"),
                "{\"date\":\"2026-03-05\",\"focus\":[{\"sound\":\"eɪ\",\"graphemes\":[\"ai\",\"ay\"]}]}"));
    assertEquals("ai as in rain: ai, ay", rivals.get("title").asText());
    assertEquals(10, rivals.at("/blocks/0/items").size());
    JsonNode irregular =
        read(
            write(
                post("/api/classes/" + of + "/sessions"),
                "{\"date\":\"2026-03-05\",\"focus\":[{\"irregular\":true}]}"));
    assertEquals(10, irregular.at("/blocks/0/items").size());
  }

  @ParameterizedTest(name = "{0}")
  @CsvSource(
      delimiter = '|',
      value = {
        "{\"date\":\"2026-03-05\",\"focus\":[]} | focus",
        "{\"date\":\"2026-03-05\",\"focus\":[{}]} | A focus is",
        "{\"date\":\"2026-03-05\",\"focus\":[{\"rule\":\"nope\"}]} | nope",
        "{\"date\":\"yesterday\",\"focus\":[{\"rule\":\"final-j\"}]} | JSON",
        "{\"focus\":[{\"rule\":\"final-j\"}]} | date"
      })
  void saysWhatIsWrongWithANewSession(String body, String detail) throws Exception {
    mvc.perform(write(post("/api/classes/1/sessions"), body))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString(detail)));
  }

  @Test
  void itemsThatStayKeepTheirIdsWhereverTheyMove() throws Exception {
    JsonNode made = plan(newSession(newClass("Ids"), "2026-03-05"), "A gull.", "badge", "Cage");
    assertEquals(List.of("badge", "cage", "A gull."), texts(made));
    List<Long> ids = ids(made);
    String turned =
        body(
            "date",
            "2026-03-05",
            "title",
            "Edges",
            "focus",
            made.get("focus"),
            "blocks",
            List.of(
                Map.of(
                    "id",
                    made.at("/blocks/0/id"),
                    "kind",
                    "words",
                    "items",
                    List.of(
                        Map.of("id", ids.get(1), "text", "cage"),
                        Map.of("text", "ledge"),
                        Map.of("id", ids.get(0), "text", "badge")))));
    JsonNode after =
        read(
            write(put("/api/sessions/" + made.get("id").asLong()), turned)
                .header(HttpHeaders.IF_MATCH, "\"" + made.get("version").asLong() + "\""));
    assertEquals(List.of("cage", "ledge", "badge"), texts(after));
    assertEquals(ids.get(1), ids(after).get(0));
    assertEquals(ids.get(0), ids(after).get(2));
    assertEquals("Edges", after.get("title").asText());
    assertEquals(1, after.get("blocks").size());
  }

  @Test
  void anOldVersionIsRefusedAndAWriteWithoutOneIsToldHow() throws Exception {
    JsonNode made = newSession(newClass("Versions"), "2026-03-05");
    mvc.perform(get("/api/sessions/" + made.get("id").asLong()).session(session))
        .andExpect(header().string("ETag", "\"" + made.get("version").asLong() + "\""));
    JsonNode now = plan(made, "A gull.", "badge");
    assertNotEquals(made.get("version"), now.get("version"));
    mvc.perform(rewrite(made, "", "cage"))
        .andExpect(status().isConflict())
        .andExpect(jsonPath("$.detail", containsString("changed elsewhere")));
    assertEquals(
        List.of("badge", "A gull."), texts(read("/api/sessions/" + made.get("id").asLong())));
    mvc.perform(
            write(
                put("/api/sessions/" + made.get("id").asLong() + "/state"),
                "{\"state\":\"GIVEN\"}"))
        .andExpect(status().isPreconditionRequired())
        .andExpect(jsonPath("$.detail", containsString("If-Match")));
  }

  @ParameterizedTest(name = "{0} {1}")
  @CsvSource({"badge, badge, is on the sheet twice", "ca7t, cage, is no word"})
  void saysWhatIsWrongWithAWord(String first, String second, String detail) throws Exception {
    JsonNode made = newSession(newClass("Words"), "2026-03-05");
    mvc.perform(rewrite(made, "", first, second))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString(detail)));
  }

  @Test
  void moreThanABlockHoldsIsRefused() throws Exception {
    JsonNode made = newSession(newClass("Many"), "2026-03-05");
    String[] many = new String[41];
    for (int i = 0; i < many.length; i++) {
      many[i] =
          "gull"
              + "abcdefghijklmnopqrstuvwxyzabcdefghijklmno".substring(i, i + 1)
              + "x".repeat(i / 26);
    }
    mvc.perform(rewrite(made, "", many))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString("at most 40")));
  }

  @Test
  void anItemWithAnswersStaysOnTheSheet() throws Exception {
    long of = newClass("Answers");
    JsonNode made = plan(newSession(of, TODAY), "", "badge", "cage");
    long item = ids(made).get(0);
    type(made, pupil(of, 0), item, "bage");
    mvc.perform(rewrite(made, "", "ledge"))
        .andExpect(status().isConflict())
        .andExpect(jsonPath("$.detail", containsString("kept already")));
    assertEquals(2, csv(of).lines().count());
    type(made, pupil(of, 0), item, "");
    assertEquals(List.of("ledge"), texts(plan(made, "", "ledge")));
  }

  @Test
  void aSessionGivenBeforeItsDayWasGivenToday() throws Exception {
    long of = newClass("Given");
    JsonNode made = plan(newSession(of, "2026-03-06"), "", "badge");
    type(made, pupil(of, 0), ids(made).get(0), "bage");
    JsonNode given =
        read(
            write(
                    put("/api/sessions/" + made.get("id").asLong() + "/state"),
                    "{\"state\":\"GIVEN\"}")
                .header(HttpHeaders.IF_MATCH, "\"" + made.get("version").asLong() + "\""));
    assertEquals(TODAY, given.get("date").asText());
    assertEquals("GIVEN", given.get("state").asText());
    assertTrue(csv(of).contains(TODAY + ",Ada,badge"), csv(of));
  }

  @Test
  void listsSessionsOfAnyWeekWithPapersCounted() throws Exception {
    long of = newClass("List");
    JsonNode made = plan(newSession(of, TODAY), "", "badge", "cage");
    newSession(of, "2026-03-12");
    List<Long> items = ids(made);
    type(made, pupil(of, 0), items.get(0), "badge");
    JsonNode week = read("/api/classes/" + of + "/sessions?from=2026-03-02&to=2026-03-06");
    assertEquals(1, week.size());
    assertEquals(0, week.get(0).get("marked").asInt());
    assertEquals(2, week.get(0).get("papers").asInt());
    assertEquals(2, week.get(0).at("/blocks/0/items").asInt());
    type(made, pupil(of, 0), items.get(1), "cage");
    mvc.perform(
            write(
                put("/api/sessions/" + made.get("id").asLong() + "/papers/" + pupil(of, 1)),
                "{\"state\":\"AWAY\"}"))
        .andExpect(status().isNoContent());
    assertEquals(
        2, read("/api/classes/" + of + "/sessions?from=2026-03-04").get(1).get("marked").asInt());
    assertEquals(2, read("/api/classes/" + of + "/sessions").size());
  }

  @Test
  void aSessionIsTakenAwayAndPutBackUnlessPapersAreKept() throws Exception {
    long of = newClass("Taken");
    JsonNode made = plan(newSession(of, TODAY), "", "badge");
    String path = "/api/sessions/" + made.get("id").asLong();
    String version = "\"" + made.get("version").asLong() + "\"";
    mvc.perform(write(delete(path), "").header(HttpHeaders.IF_MATCH, "\"0\""))
        .andExpect(status().isConflict());
    mvc.perform(write(delete(path), "").header(HttpHeaders.IF_MATCH, version))
        .andExpect(status().isNoContent());
    mvc.perform(get(path).session(session)).andExpect(status().isNotFound());
    mvc.perform(get("/api/classes/" + of + "/sessions").session(session))
        .andExpect(jsonPath("$", hasSize(0)));
    JsonNode back = read(write(post(path + "/restore"), ""));
    assertEquals(List.of("badge"), texts(back));
    type(back, pupil(of, 0), ids(back).get(0), "bage");
    mvc.perform(
            write(delete(path), "")
                .header(HttpHeaders.IF_MATCH, "\"" + back.get("version").asLong() + "\""))
        .andExpect(status().isConflict())
        .andExpect(jsonPath("$.detail", containsString("1 papers")));
  }

  @Test
  void wordsAreSentToTheSessionOfADayOrToANewOne() throws Exception {
    long of = newClass("Sent");
    String path = "/api/classes/" + of + "/sessions/words";
    JsonNode made =
        read(
            write(
                post(path), "{\"date\":\"2026-03-09\",\"words\":[\"badge\",\"Ledge\",\"duck\"]}"));
    assertEquals("final-j", made.at("/focus/0/rule").asText());
    JsonNode more =
        read(write(post(path), "{\"date\":\"2026-03-09\",\"words\":[\"ledge\",\"cage\"]}"));
    assertEquals(made.get("id"), more.get("id"));
    assertEquals(List.of("badge", "ledge", "duck", "cage"), texts(more));
    mvc.perform(write(post(path), "{\"date\":\"2026-03-09\",\"words\":[null]}"))
        .andExpect(status().isBadRequest());
  }

  @Test
  void proposesWordsWithTheReasonAndFillsABlock() throws Exception {
    JsonNode fitting = read("/api/classes/1/candidates?rule=final-j&beats=1");
    assertEquals("final-j/short", fitting.at("/groups/0/condition").asText(), fitting::toString);
    assertTrue(fitting.at("/groups/0/children").asInt() > 0);
    assertTrue(fitting.at("/groups/0/says").asText().contains("short"));
    fitting
        .get("groups")
        .forEach(g -> g.get("words").forEach(w -> assertEquals(0, w.get("untaught").size())));
    JsonNode rivals = read("/api/classes/1/candidates?sound=eɪ&graphemes=ai&graphemes=ay");
    assertEquals("ay", rivals.at("/groups/1/due").asText());
    assertTrue(read("/api/classes/1/candidates?irregular=true").get("total").asInt() > 10);
    JsonNode filled =
        read(
            write(
                post("/api/classes/1/fill"),
                "{\"kind\":\"words\",\"focus\":[{\"rule\":\"final-j\"}],\"count\":8,"
                    + "\"without\":[\"cage\"],\"seed\":4}"));
    assertEquals(8, filled.size());
    filled.forEach(w -> assertNotEquals("cage", w.get("text").asText()));
  }

  /** Every template fills a session whose blocks are those it names, nothing twice. */
  @Test
  void aTemplateFillsASession() throws Exception {
    long of = newClass("Class Limpet");
    JsonNode templates = read("/api/templates");
    assertEquals(9, templates.size());
    for (JsonNode template : templates) {
      of = newClass("Class Limpet");
      JsonNode made =
          read(
              write(
                  post("/api/classes/" + of + "/sessions"),
                  body(
                      "date",
                      TODAY,
                      "template",
                      template.path("id").asText(),
                      "focus",
                      List.of(Map.of("rule", "final-ch")),
                      "seed",
                      3)));
      List<String> kinds = new ArrayList<>();
      made.path("blocks").forEach(b -> kinds.add(b.path("kind").asText()));
      List<String> named = new ArrayList<>();
      template
          .path("blocks")
          .forEach(
              b -> {
                if (b.path("day").asInt() == 1) {
                  named.add(b.path("kind").asText());
                }
              });
      assertEquals(named, kinds);
      List<String> texts = texts(made);
      assertEquals(texts.size(), Set.copyOf(texts).size(), texts::toString);
      for (JsonNode block : made.path("blocks")) {
        boolean nothingDue = block.path("role").asText().equals("REVIEW");
        assertTrue(nothingDue || block.path("items").size() > 0, template + " " + block);
      }
    }
    doing(
            write(
                post("/api/classes/" + of + "/sessions"),
                body(
                    "date",
                    TODAY,
                    "template",
                    "no-such",
                    "focus",
                    List.of(Map.of("rule", "final-ch")))))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString("contrast")));
  }
}
