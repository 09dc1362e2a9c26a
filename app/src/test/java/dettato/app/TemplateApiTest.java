package dettato.app;

import static org.hamcrest.Matchers.containsString;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Templates over two days, and those of the school. */
class TemplateApiTest extends ApiCase {
  /** Two days, the second without what the first asks; over the weekend when it must. */
  @Test
  void aTwoDayTemplateMakesTwoSessions() throws Exception {
    long of = newClass("Two days");
    Map<String, Object> sound = Map.of("sound", "eɪ", "graphemes", List.of("ai", "ay"));
    JsonNode friday = planned(of, "2026-03-06", "rivals", sound);
    JsonNode listed = read("/api/classes/" + of + "/sessions?from=2026-03-06&to=2026-03-12");
    assertEquals(2, listed.size());
    assertEquals("2026-03-09", listed.at("/0/date").asText());
    JsonNode monday = read("/api/sessions/" + listed.at("/0/id").asLong());
    assertEquals("sort", friday.at("/blocks/1/kind").asText());
    assertEquals("gap", monday.at("/blocks/2/kind").asText());
    Set<String> asked = new HashSet<>(texts(friday));
    block(monday, "words")
        .get("items")
        .forEach(i -> assertFalse(asked.contains(i.get("text").asText())));
  }

  @Test
  void aTeacherKeepsTemplatesOfHerOwn() throws Exception {
    long of = newClass("Own templates");
    JsonNode made = planned(of, TODAY, "contrast", rule("final-ch"));
    JsonNode own =
        read(
            write(
                post("/api/sessions/" + made.get("id").asLong() + "/template"),
                body("name", "Monday mix")));
    String id = own.get("id").asText();
    assertEquals(made.get("blocks").size(), own.get("blocks").size());
    JsonNode changed =
        read(
            write(
                put("/api/templates/" + id),
                body(
                    "name",
                    "Monday mix",
                    "minutes",
                    12,
                    "blocks",
                    List.of(Map.of("kind", "words", "count", 3)))));
    assertEquals(3, changed.at("/blocks/0/count").asInt());
    JsonNode profile = read("/api/classes/" + of + "/profile");
    ((ObjectNode) profile).put("template", id);
    read(write(put("/api/classes/" + of + "/profile"), profile.toString()));
    JsonNode usual =
        read(
            write(
                post("/api/classes/" + of + "/sessions"),
                body("date", "2026-03-05", "focus", List.of(rule("final-k")))));
    assertEquals(List.of("words"), List.of(usual.at("/blocks/0/kind").asText()));
    assertEquals(3, usual.at("/blocks/0/items").size());
    session = otherTeacher();
    mvc.perform(delete("/api/templates/" + id).session(session).with(csrf()))
        .andExpect(status().isForbidden());
    logInAsDemo();
    mvc.perform(delete("/api/templates/" + id).session(session).with(csrf()))
        .andExpect(status().isNoContent());
    assertEquals("sentence", planned(of, TODAY, "", rule("final-k")).at("/blocks/1/kind").asText());
    mvc.perform(delete("/api/templates/short").session(session).with(csrf()))
        .andExpect(status().isNotFound());
  }

  @ParameterizedTest(name = "{0}")
  @CsvSource(
      delimiter = '|',
      value = {
        "{\"name\":\" \",\"minutes\":20,\"blocks\":[{\"kind\":\"words\",\"count\":3}]} | name",
        "{\"name\":\"x\",\"minutes\":20,\"blocks\":[]} | blocks",
        "{\"name\":\"x\",\"minutes\":20,\"blocks\":[{\"kind\":\"song\",\"count\":3}]} | song",
        "{\"name\":\"x\",\"minutes\":20,\"blocks\":[{\"kind\":\"hunt\",\"count\":30}]} | at most|1 to 4"
      })
  void saysWhatIsWrongWithATemplate(String body, String detail) throws Exception {
    mvc.perform(write(post("/api/templates"), body))
        .andExpect(status().isBadRequest())
        .andExpect(
            jsonPath("$.detail", containsString(detail.equals("at most") ? "1 to 4" : detail)));
  }
}
