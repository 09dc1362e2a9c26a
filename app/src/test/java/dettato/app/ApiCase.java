package dettato.app;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import dettato.app.account.Accounts;
import dettato.app.account.Role;
import dettato.app.problem.Problem;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/**
 * The application with the demo class, on a Wednesday that stays: on an H2 in memory, or on the
 * database that DETTATO_DB_URL names. Each test makes the classes it changes.
 */
@SpringBootTest(
    properties = {
      "spring.datasource.url=${DETTATO_DB_URL:jdbc:h2:mem:api;DB_CLOSE_DELAY=-1;LOCK_TIMEOUT=20000}",
      "dettato.demo=true",
      "dettato.today=" + ApiCase.TODAY,
      "dettato.folder=unused"
    })
@AutoConfigureMockMvc
public abstract class ApiCase {
  protected static final String TODAY = "2026-03-04";
  private static final String OTHER = "other";
  private static final String PASSWORD = "other-dettato";

  @Autowired protected MockMvc mvc;
  @Autowired protected ObjectMapper json;
  @Autowired private Accounts accounts;
  protected MockHttpSession session;

  @BeforeEach
  void logInAsDemo() throws Exception {
    session = logIn("demo", "demo-dettato");
  }

  protected MockHttpSession logIn(String name, String password) throws Exception {
    return (MockHttpSession)
        mvc.perform(
                post("/api/session")
                    .with(csrf())
                    .contentType(MediaType.APPLICATION_JSON)
                    .content(body("username", name, "password", password)))
            .andExpect(status().isOk())
            .andReturn()
            .getRequest()
            .getSession(false);
  }

  /** A second teacher, who has no class and leads nothing. */
  protected MockHttpSession otherTeacher() throws Exception {
    try {
      accounts.create(OTHER, PASSWORD, Role.TEACHER);
    } catch (Problem known) {
      // made by a test before
    }
    return logIn(OTHER, PASSWORD);
  }

  /** Names and values in turns, as JSON; a null stays null. */
  protected String body(Object... fields) throws Exception {
    Map<String, Object> map = new java.util.LinkedHashMap<>();
    for (int i = 0; i < fields.length; i += 2) {
      map.put((String) fields[i], fields[i + 1]);
    }
    return json.writeValueAsString(map);
  }

  protected MockHttpServletRequestBuilder write(
      MockHttpServletRequestBuilder request, String body) {
    return request
        .session(session)
        .with(csrf())
        .contentType(MediaType.APPLICATION_JSON)
        .content(body);
  }

  protected ResultActions doing(MockHttpServletRequestBuilder request) throws Exception {
    return mvc.perform(request);
  }

  protected JsonNode read(MockHttpServletRequestBuilder request) throws Exception {
    return json.readTree(
        mvc.perform(request)
            .andExpect(status().is2xxSuccessful())
            .andReturn()
            .getResponse()
            .getContentAsString(StandardCharsets.UTF_8));
  }

  protected JsonNode read(String path) throws Exception {
    return read(get(path).session(session));
  }

  /** A class of Ada and Bea. */
  /** One of a class's choices made otherwise. */
  protected void choose(long of, String choice, Object value) throws Exception {
    ObjectNode profile = (ObjectNode) read("/api/classes/" + of + "/profile");
    ((ObjectNode) profile.get("choices")).set(choice, json.valueToTree(value));
    read(write(put("/api/classes/" + of + "/profile"), json.writeValueAsString(profile)));
  }

  protected long newClass(String name) throws Exception {
    return read(write(
            post("/api/classes"),
            body("name", name, "accent", "en-GB", "pupils", java.util.List.of("Ada", "Bea"))))
        .get("id")
        .asLong();
  }

  protected long pupil(long classId, int place) throws Exception {
    return read("/api/classes/" + classId).get("pupils").get(place).get("id").asLong();
  }

  /** A session about final-j, filled by the application. */
  protected JsonNode newSession(long classId, String date) throws Exception {
    return read(
        write(
            post("/api/classes/" + classId + "/sessions"),
            "{\"date\":\"" + date + "\",\"focus\":[{\"rule\":\"final-j\"}],\"seed\":7}"));
  }

  /** Gives a session these words and this sentence, in place of what is planned. */
  protected JsonNode plan(JsonNode session, String sentence, String... words) throws Exception {
    return read(rewrite(session, sentence, words));
  }

  protected MockHttpServletRequestBuilder rewrite(
      JsonNode session, String sentence, String... words) throws Exception {
    Object wanted = java.util.Arrays.stream(words).map(w -> Map.of("text", w)).toList();
    Object said =
        sentence.isEmpty() ? java.util.List.of() : java.util.List.of(Map.of("text", sentence));
    String plan =
        body(
            "date",
            session.get("date").asText(),
            "title",
            "",
            "focus",
            session.get("focus"),
            "blocks",
            java.util.List.of(
                Map.of("id", session.at("/blocks/0/id"), "kind", "words", "items", wanted),
                Map.of("id", session.at("/blocks/1/id"), "kind", "sentence", "items", said)));
    return write(put("/api/sessions/" + session.get("id").asLong()), plan)
        .header(HttpHeaders.IF_MATCH, "\"" + session.get("version").asLong() + "\"");
  }

  protected JsonNode planned(long of, String date, String template, Object focus) throws Exception {
    return read(
        write(
            post("/api/classes/" + of + "/sessions"),
            body("date", date, "template", template, "focus", List.of(focus), "seed", 5)));
  }

  protected static Map<String, Object> rule(String id) {
    return Map.of("rule", id);
  }

  protected static List<String> texts(JsonNode session) {
    List<String> texts = new ArrayList<>();
    session
        .get("blocks")
        .forEach(b -> b.get("items").forEach(i -> texts.add(i.get("text").asText())));
    return texts;
  }

  protected static JsonNode block(JsonNode session, String kind) {
    return StreamSupport.stream(session.get("blocks").spliterator(), false)
        .filter(b -> b.get("kind").asText().equals(kind))
        .findFirst()
        .orElseThrow();
  }

  protected static String cell(JsonNode session, long pupil, long item) {
    return "/api/sessions/" + session.get("id").asLong() + "/papers/" + pupil + "/items/" + item;
  }

  protected JsonNode type(JsonNode session, long pupil, long item, String written)
      throws Exception {
    return read(
        write(put(cell(session, pupil, item)), body("written", written, "state", "WRITTEN")));
  }

  protected ResultActions load(long id, String csv) throws Exception {
    return mvc.perform(
        post("/api/classes/" + id + "/attempts/import")
            .session(session)
            .with(csrf())
            .contentType("text/csv")
            .content(csv));
  }

  protected String csv(long id) throws Exception {
    return mvc.perform(get("/api/classes/" + id + "/attempts.csv").session(session))
        .andExpect(status().isOk())
        .andReturn()
        .getResponse()
        .getContentAsString(StandardCharsets.UTF_8);
  }
}
