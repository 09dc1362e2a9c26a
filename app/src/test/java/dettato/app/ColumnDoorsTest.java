package dettato.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/**
 * Whatever somebody types that is kept has its limit at the door: what is too long is refused with
 * what and where, and never by the database, which knows neither.
 */
class ColumnDoorsTest extends ApiCase {
  private static final String LONG = "o".repeat(45_000);

  /** What is typed, by its column; the tests below knock at each. */
  private static final Set<String> TYPED =
      Set.of(
          "account.name",
          "school_class.name",
          "pupil.name",
          "class_profile.accent",
          "class_profile.template",
          "class_profile.choices",
          "class_profile.own_order",
          "session.title",
          "session.focus",
          "session.pupils",
          "block.kind",
          "block.title",
          "item.prompt",
          "item.why",
          "attempt.written",
          "attempt.corrected",
          "override_log.note",
          "own_word.spelling",
          "own_word.units",
          "own_word.clue",
          "own_text.title",
          "own_text.text",
          "own_template.name",
          "own_template.blocks");

  /** What we write ourselves, from lists of our own or from what has passed a door. */
  private static final Set<String> OURS =
      Set.of(
          "account.password_hash",
          "account.role",
          "class_teacher.role",
          "session.state",
          "block.role",
          "item.role",
          "item.focus",
          "paper.state",
          "attempt.kind",
          "attempt.target",
          "attempt.state",
          "override_log.judged",
          "override_log.result",
          "mark.version",
          "mark.result",
          "handout.code",
          "sitting.token");

  @Autowired private JdbcClient jdbc;

  @Test
  void everyColumnOfTextHasADoorOrIsOurs() {
    Set<String> columns =
        new TreeSet<>(
            jdbc.sql(
                    "select lower(table_name) || '.' || lower(column_name)"
                        + " from information_schema.columns where table_schema = 'PUBLIC'"
                        + " and data_type like 'CHARACTER%'")
                .query(String.class)
                .list());
    columns.removeIf(c -> c.matches("((mark|hte)_\\w+|flyway_schema_history)\\..*"));
    Set<String> known = new TreeSet<>(TYPED);
    known.addAll(OURS);
    assertEquals(known, columns);
  }

  private void refused(String column, MockHttpServletRequestBuilder request) throws Exception {
    assertTrue(TYPED.contains(column), column);
    MockHttpServletResponse answer =
        mvc.perform(request.session(session)).andReturn().getResponse();
    assertTrue(
        Set.of(400, 404, 413).contains(answer.getStatus()),
        () -> column + ": " + answer.getStatus());
    assertEquals(MediaType.APPLICATION_PROBLEM_JSON_VALUE, answer.getContentType(), column);
    assertFalse(json.readTree(answer.getContentAsString()).get("detail").asText().isBlank());
  }

  private void refused(String column, MockHttpServletRequestBuilder request, Object... body)
      throws Exception {
    refused(column, write(request, body(body)));
  }

  @Test
  void peopleAndClasses() throws Exception {
    long of = newClass("Doors");
    refused(
        "account.name",
        post("/api/accounts"),
        "username",
        LONG,
        "password",
        "a long enough password",
        "role",
        "TEACHER");
    refused(
        "school_class.name",
        post("/api/classes"),
        "name",
        LONG,
        "accent",
        "en-GB",
        "pupils",
        List.of());
    refused("pupil.name", post("/api/classes/" + of + "/pupils"), "names", List.of(LONG));
    refused(
        "pupil.name",
        put("/api/classes/" + of + "/pupils/" + pupil(of, 0)),
        "name",
        "x".repeat(81));
    refused(
        "class_profile.own_order",
        write(put("/api/classes/" + of + "/sequence"), "step,grapheme\n1," + LONG)
            .contentType("text/csv"));
    for (Map.Entry<String, Object> wrong :
        Map.<String, Object>of("accent", LONG, "template", LONG).entrySet()) {
      ObjectNode profile = (ObjectNode) read("/api/classes/" + of + "/profile");
      profile.set(wrong.getKey(), json.valueToTree(wrong.getValue()));
      refused(
          "class_profile." + wrong.getKey(),
          write(put("/api/classes/" + of + "/profile"), profile.toString()));
    }
    Map<String, Object> many = Map.of("early", names(9_000), "later", List.of());
    for (Map.Entry<String, Object> wrong :
        Map.of("chunks", names(9_000), "terms", Map.of("beat", LONG), "ticks", many).entrySet()) {
      ObjectNode profile = (ObjectNode) read("/api/classes/" + of + "/profile");
      ((ObjectNode) profile.get("choices")).set(wrong.getKey(), json.valueToTree(wrong.getValue()));
      refused(
          "class_profile.choices",
          write(put("/api/classes/" + of + "/profile"), profile.toString()));
    }
  }

  /** Different words of three letters. */
  private static List<String> names(int count) {
    return java.util.stream.IntStream.range(0, count)
        .mapToObj(
            i ->
                new String(
                    new char[] {
                      (char) ('a' + i / 676 % 26), (char) ('a' + i / 26 % 26), (char) ('a' + i % 26)
                    }))
        .toList();
  }

  @Test
  void sessions() throws Exception {
    long of = newClass("Doors of sessions");
    JsonNode planned = plan(newSession(of, TODAY), "The gull sat.", "badge");
    String path = "/api/sessions/" + planned.get("id").asLong();
    Map<String, Object> item = Map.of("text", "cage", "why", LONG);
    Map<String, Object> block =
        Map.of("kind", "words", "title", "Words", "items", List.of(Map.of("text", LONG)));
    sessionIsRefused("session.title", path, planned, "title", LONG);
    sessionIsRefused(
        "session.focus",
        path,
        planned,
        "focus",
        List.of(Map.of("sound", "eɪ", "graphemes", names(900))));
    sessionIsRefused(
        "item.why",
        path,
        planned,
        "blocks",
        List.of(Map.of("kind", "words", "items", List.of(item))));
    sessionIsRefused("item.prompt", path, planned, "blocks", List.of(block));
    sessionIsRefused(
        "block.title",
        path,
        planned,
        "blocks",
        List.of(Map.of("kind", "words", "title", LONG, "items", List.of())));
    sessionIsRefused(
        "block.kind", path, planned, "blocks", List.of(Map.of("kind", LONG, "items", List.of())));
    refused(
        "session.pupils",
        post("/api/classes/" + of + "/sessions"),
        "date",
        TODAY,
        "focus",
        List.of(rule("final-ch")),
        "pupils",
        java.util.stream.LongStream.range(0, 900).boxed().toList());
  }

  private void sessionIsRefused(
      String column, String path, JsonNode planned, String field, Object value) throws Exception {
    ObjectNode plan = json.createObjectNode();
    for (String kept : List.of("date", "title", "focus", "blocks")) {
      plan.set(kept, planned.get(kept));
    }
    plan.set(field, json.valueToTree(value));
    refused(
        column,
        write(put(path), plan.toString())
            .header("If-Match", "\"" + planned.get("version").asLong() + "\""));
  }

  @Test
  void papers() throws Exception {
    long of = newClass("Doors of papers");
    JsonNode planned = plan(newSession(of, TODAY), "The gull sat.", "badge");
    long item = planned.at("/blocks/0/items/0/id").asLong();
    String cell =
        "/api/sessions/"
            + planned.get("id").asLong()
            + "/papers/"
            + pupil(of, 0)
            + "/items/"
            + item;
    refused("attempt.written", put(cell), "written", LONG, "state", "WRITTEN");
    refused(
        "attempt.corrected", put(cell), "written", "bage", "state", "WRITTEN", "corrected", LONG);
    long attempt = type(planned, pupil(of, 0), item, "bage").get("attemptId").asLong();
    refused(
        "override_log.note",
        put("/api/attempts/" + attempt + "/override"),
        "result",
        "RIGHT",
        "note",
        LONG);
  }

  @Test
  void whatASchoolHasMade() throws Exception {
    List<Map<String, String>> units =
        List.of(Map.of("grapheme", "z", "phoneme", "z"), Map.of("grapheme", "oo", "phoneme", "uː"));
    refused(
        "own_word.spelling",
        put("/api/own-words/" + "z".repeat(41)),
        "units",
        units,
        "clue",
        "",
        "choose",
        true);
    refused(
        "own_word.clue", put("/api/own-words/zoo"), "units", units, "clue", LONG, "choose", true);
    refused(
        "own_word.units",
        put("/api/own-words/zoo"),
        "units",
        List.of(Map.of("grapheme", LONG, "phoneme", LONG)),
        "clue",
        "",
        "choose",
        true);
    refused("own_text.title", post("/api/own-texts"), "title", LONG, "text", "A gull sat.");
    refused("own_text.text", post("/api/own-texts"), "title", "Gulls", "text", LONG);
    long of = newClass("Doors of templates");
    long planned = plan(newSession(of, TODAY), "The gull sat.", "badge").get("id").asLong();
    refused("own_template.name", post("/api/sessions/" + planned + "/template"), "name", LONG);
    String kept =
        read(write(post("/api/sessions/" + planned + "/template"), body("name", "Ours")))
            .get("id")
            .asText();
    refused(
        "own_template.blocks",
        put("/api/templates/" + kept),
        "name",
        "Ours",
        "minutes",
        20,
        "blocks",
        List.of(Map.of("kind", LONG, "count", 3)));
  }
}
