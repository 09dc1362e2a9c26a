package dettato.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Proxy;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import javax.sql.DataSource;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Import;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** How many statements a request costs, of a class of 26 who have all written everything. */
@Import(StatementsTest.Counted.class)
class StatementsTest extends ApiCase {
  private static final int CHILDREN = 26;
  private static final ThreadLocal<List<String>> SENT = ThreadLocal.withInitial(ArrayList::new);

  /** Every statement that is sent to the database by this thread, in whatever way. */
  @TestConfiguration
  static class Counted {
    @Bean
    static BeanPostProcessor counting() {
      return new BeanPostProcessor() {
        @Override
        public Object postProcessAfterInitialization(Object bean, String name) {
          return bean instanceof DataSource source ? watched(DataSource.class, source, "") : bean;
        }
      };
    }
  }

  private static <T> T watched(Class<T> as, T real, String sql) {
    return as.cast(
        Proxy.newProxyInstance(
            as.getClassLoader(),
            new Class<?>[] {as},
            (proxy, method, args) -> {
              if (method.getName().startsWith("execute")) {
                SENT.get().add(args == null ? sql : String.valueOf(args[0]));
              }
              Object result = invoked(method, real, args);
              String prepared = args != null && args[0] instanceof String text ? text : sql;
              if (result instanceof PreparedStatement statement) {
                return watched(PreparedStatement.class, statement, prepared);
              }
              if (result instanceof Statement statement) {
                return watched(Statement.class, statement, prepared);
              }
              return result instanceof Connection connection
                  ? watched(Connection.class, connection, "")
                  : result;
            }));
  }

  private static Object invoked(Method method, Object on, Object[] args) throws Throwable {
    try {
      return method.invoke(on, args);
    } catch (InvocationTargetException e) {
      throw e.getCause();
    }
  }

  private long id;
  private JsonNode planned;

  @BeforeEach
  void aClassThatHasWrittenEverything() throws Exception {
    List<String> names = IntStream.range(0, CHILDREN).mapToObj(i -> "Child" + i).toList();
    JsonNode made =
        read(
            write(
                post("/api/classes"), body("name", "Counted", "accent", "en-GB", "pupils", names)));
    long of = made.get("id").asLong();
    planned = plan(newSession(of, TODAY), "The gull sat.", "badge", "cage", "ledge");
    id = planned.get("id").asLong();
    StringBuilder block = new StringBuilder("\tbadge\tcage\tledge\tThe gull sat.\n");
    names.forEach(n -> block.append(n).append("\tbage\tcaj\tledge\tthe gul sat\n"));
    JsonNode pasted =
        read(
            write(
                post("/api/sessions/" + id + "/paste"),
                body("text", block.toString(), "keep", true, "replace", false)));
    assertEquals(4 * CHILDREN, pasted.get("kept").size());
    String code = read(write(post("/api/sessions/" + id + "/handout"), "")).get("code").asText();
    for (JsonNode pupil : made.get("pupils")) {
      mvc.perform(
          post("/api/tablet/sit")
              .with(csrf())
              .contentType(MediaType.APPLICATION_JSON)
              .content(body("code", code, "pupilId", pupil.get("id").asLong())));
    }
  }

  /** The statements of a request that was made once before. */
  private List<String> sent(MockHttpServletRequestBuilder request) throws Exception {
    SENT.get().clear();
    read(request);
    return List.copyOf(SENT.get());
  }

  private void assertAtMost(int most, String path) throws Exception {
    read(path);
    List<String> sent = sent(get(path).session(session));
    System.out.println(path.replaceAll("\\d+", "n") + ": " + sent.size() + " statements");
    assertTrue(sent.size() <= most && !sent.isEmpty(), () -> String.join("\n", sent));
  }

  @Test
  void whoSitsAtDevicesIsToldByThree() throws Exception {
    assertAtMost(3, "/api/sessions/" + id + "/handout");
    JsonNode child = read("/api/sessions/" + id + "/handout").at("/children/25");
    assertEquals("WRITING 4", child.get("at").asText() + " " + child.get("written").asInt());
  }

  @Test
  void papersAreReadBySix() throws Exception {
    assertAtMost(6, "/api/sessions/" + id + "/papers");
  }

  @Test
  void aSessionThatIsFullyAnsweredIsMovedByTwenty() throws Exception {
    ObjectNode plan = json.createObjectNode();
    plan.put("date", "2026-03-05").put("title", "").set("focus", planned.get("focus"));
    List<Map<String, Object>> blocks = new ArrayList<>();
    for (JsonNode b : planned.get("blocks")) {
      List<Map<String, Object>> items = new ArrayList<>();
      b.get("items").forEach(i -> items.add(Map.of("id", i.get("id"), "text", "")));
      blocks.add(Map.of("id", b.get("id"), "kind", b.get("kind"), "items", items));
    }
    plan.set("blocks", json.valueToTree(blocks));
    long version = read("/api/sessions/" + id).get("version").asLong();
    List<String> sent =
        sent(
            write(put("/api/sessions/" + id), plan.toString())
                .header(HttpHeaders.IF_MATCH, "\"" + version + "\""));
    System.out.println("a move: " + sent.size() + " statements");
    assertTrue(sent.size() <= 20, () -> String.join("\n", sent));
    JsonNode evidence = read("/api/sessions/" + id + "/papers");
    assertEquals(CHILDREN, evidence.size());
    assertTrue(
        mvc.perform(
                get("/api/classes/" + planned.get("classId").asLong() + "/attempts.csv")
                    .session(session))
            .andReturn()
            .getResponse()
            .getContentAsString()
            .lines()
            .skip(1)
            .allMatch(l -> l.startsWith("2026-03-05,")));
  }
}
