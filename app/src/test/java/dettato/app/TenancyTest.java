package dettato.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** A second teacher, who has no class, is tried on every route that names one. */
class TenancyTest extends ApiCase {
  /** Bodies that would be taken of the class's own teacher. */
  private static final java.util.Map<String, String> BODIES =
      java.util.Map.ofEntries(
          java.util.Map.entry(
              "/sessions", "{\"date\":\"2026-03-05\",\"focus\":[{\"rule\":\"final-j\"}]}"),
          java.util.Map.entry("/sessions/words", "{\"date\":\"2026-03-05\",\"words\":[\"badge\"]}"),
          java.util.Map.entry("/pupils", "{\"names\":[\"Zed\"]}"),
          java.util.Map.entry("/teachers", "{\"username\":\"other\"}"),
          java.util.Map.entry(
              "/profile",
              "{\"version\":0,\"accent\":\"en-GB\",\"step\":9,\"differentWords\":2,\"minutes\":20}"),
          java.util.Map.entry(
              "/rivals",
              "{\"sound\":\"eɪ\",\"graphemes\":[\"ai\"],\"count\":3,\"taught\":true,\"without\":[],\"seed\":1}"),
          java.util.Map.entry(
              "/fill",
              "{\"kind\":\"words\",\"focus\":[{\"rule\":\"final-j\"}],\"count\":3,\"without\":[],\"seed\":1}"),
          java.util.Map.entry("/copy", "{\"date\":\"2026-03-05\"}"),
          java.util.Map.entry(
              "/paste", "{\"text\":\"\\tbadge\\nAda\\tbage\",\"keep\":true,\"replace\":true}"),
          java.util.Map.entry("/time", "{\"extraTime\":25}"),
          java.util.Map.entry("/template", "{\"name\":\"Ours\"}"),
          java.util.Map.entry("/stumble", "{\"stumbled\":true}"),
          java.util.Map.entry("/points", "{\"ours\":1,\"theirs\":0.5}"),
          java.util.Map.entry("/order", "{\"pupils\":[1]}"),
          java.util.Map.entry(
              "/sessions/file",
              "{\"format\":\"dettato-session-1\",\"date\":\"2026-03-05\",\"title\":\"\","
                  + "\"focus\":[{\"rule\":\"final-j\"}],\"blocks\":[]}"),
          java.util.Map.entry("/override", "{\"result\":\"RIGHT\",\"note\":\"\"}"),
          java.util.Map.entry("/state", "{\"state\":\"GIVEN\"}"),
          java.util.Map.entry("/papers/{pupilId}", "{\"state\":\"AWAY\"}"),
          java.util.Map.entry(
              "/items", "{\"cells\":[{\"itemId\":1,\"written\":\"x\",\"state\":\"WRITTEN\"}]}"),
          java.util.Map.entry("/items/{itemId}", "{\"written\":\"x\",\"state\":\"WRITTEN\"}"),
          java.util.Map.entry("/pupils/{pupilId}", "{\"name\":\"Zed\"}"),
          java.util.Map.entry(
              "/api/sessions/{id}",
              "{\"date\":\"2026-03-05\",\"title\":\"\",\"focus\":[{\"rule\":\"final-j\"}],\"blocks\":[]}"));

  @Autowired
  @Qualifier("requestMappingHandlerMapping")
  private RequestMappingHandlerMapping routes;

  @Test
  void everyRouteOfAClassIsClosedToAnotherTeacher() throws Exception {
    long of = newClass("Ours");
    JsonNode planned = plan(newSession(of, TODAY), "", "badge");
    long item = planned.at("/blocks/0/items/0/id").asLong();
    long attempt = type(planned, pupil(of, 0), item, "bage").get("attemptId").asLong();
    var theirs = otherTeacher();
    List<String> open = new ArrayList<>();
    Set<String> tried = new TreeSet<>();
    for (var info : routes.getHandlerMethods().keySet()) {
      for (String pattern : info.getPatternValues()) {
        if (!pattern.matches("/api/(classes|sessions|attempts)/\\{id}.*")) {
          continue;
        }
        long id =
            pattern.startsWith("/api/classes")
                ? of
                : pattern.startsWith("/api/sessions") ? planned.get("id").asLong() : attempt;
        String path =
            pattern
                .replace("{id}", String.valueOf(id))
                .replace("{pupilId}", String.valueOf(pupil(of, 0)))
                .replace("{itemId}", String.valueOf(item))
                .replace("{rule}", "final-j")
                .replace("{kind}", "gap")
                .replaceAll("\\{paper:[^}]*}", "sheet");
        for (var method : info.getMethodsCondition().getMethods()) {
          int answer = ask(HttpMethod.valueOf(method.name()), path, pattern, theirs);
          tried.add(method + " " + pattern);
          if (answer != 404) {
            open.add(method + " " + pattern + " answered " + answer);
          }
        }
      }
    }
    assertEquals(List.of(), open);
    assertTrue(tried.size() >= 28, tried.size() + " " + tried);
    assertEquals(
        1, read("/api/sessions/" + planned.get("id").asLong()).at("/blocks/0/items").size());
  }

  private int ask(
      HttpMethod method,
      String path,
      String pattern,
      org.springframework.mock.web.MockHttpSession who)
      throws Exception {
    boolean order = pattern.endsWith("/sequence");
    boolean file = order || pattern.endsWith("/import");
    String body =
        BODIES.entrySet().stream()
            .filter(e -> pattern.endsWith(e.getKey()))
            .max(java.util.Comparator.comparingInt(e -> e.getKey().length()))
            .map(java.util.Map.Entry::getValue)
            .orElse(
                order
                    ? "step,grapheme\n1,s\n"
                    : file ? "date,pupil,target,attempt\n2026-02-02,Ada,badge,bage\n" : "");
    session = who;
    var asked =
        write(request(method, path), body)
            .header(HttpHeaders.IF_MATCH, "\"0\"")
            .contentType(file ? MediaType.valueOf("text/csv") : MediaType.APPLICATION_JSON)
            .param("rule", "final-j");
    int answer = mvc.perform(asked).andReturn().getResponse().getStatus();
    session = logIn("demo", "demo-dettato");
    return answer;
  }

  @Test
  void aListHoldsNothingOfOthers() throws Exception {
    newClass("Not theirs");
    session = otherTeacher();
    read("/api/classes").forEach(c -> assertEquals("Shared", c.get("name").asText()));
  }
}
