package dettato.app.storage;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;
import org.springframework.core.task.TaskExecutor;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MockMvc;

/**
 * A database filled by 0.1 (demo class, an imported class, overrides, an away paper, an emptied
 * cell, an own word), kept as the script it wrote, and what 0.1 said of it.
 */
@SpringBootTest
@AutoConfigureMockMvc
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class MigrationTest {
  private static final List<String> OLD_TABLES =
      List.of("attempt", "override_log", "dictation", "item", "pupil", "mark", "own_word");
  private static final Map<String, Long> BEFORE = new TreeMap<>();
  private static Path folder;

  /** Work behind the screens waits until the old marks have been looked at. */
  private static final List<Runnable> WAITING = new CopyOnWriteArrayList<>();

  private static final AtomicBoolean RELEASED = new AtomicBoolean();

  @TestConfiguration
  static class Held {
    @Bean
    @Primary
    TaskExecutor held() {
      return task -> {
        if (RELEASED.get()) {
          new Thread(task).start();
        } else {
          WAITING.add(task);
        }
      };
    }
  }

  @Autowired private MockMvc mvc;
  @Autowired private ObjectMapper json;
  @Autowired private JdbcTemplate jdbc;
  private MockHttpSession session;

  @DynamicPropertySource
  static void filled(DynamicPropertyRegistry properties) throws Exception {
    folder = Files.createTempDirectory("dettato-migration");
    String url = "jdbc:h2:file:" + folder + "/dettato";
    Path script = folder.resolve("script.sql");
    Files.write(script, unzipped("dettato-0.1.sql.gz"));
    try (Connection old = DriverManager.getConnection(url, "sa", "");
        Statement statement = old.createStatement()) {
      statement.execute("runscript from '" + script + "'");
      for (String table : OLD_TABLES) {
        var row = statement.executeQuery("select count(*) from " + table);
        row.next();
        BEFORE.put(table, row.getLong(1));
      }
    }
    properties.add("spring.datasource.url", () -> url);
    properties.add("dettato.folder", folder::toString);
    properties.add("dettato.today", () -> "2026-11-26");
  }

  private static byte[] unzipped(String name) throws IOException {
    try (InputStream in =
            MigrationTest.class.getResourceAsStream("/dettato/app/migration/" + name);
        GZIPInputStream text = new GZIPInputStream(in)) {
      return text.readAllBytes();
    }
  }

  private JsonNode said() throws IOException {
    return json.readTree(new String(unzipped("said-0.1.json.gz"), StandardCharsets.UTF_8));
  }

  @BeforeEach
  void logIn() throws Exception {
    session =
        (MockHttpSession)
            mvc.perform(
                    post("/api/session")
                        .with(csrf())
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"username\":\"demo\",\"password\":\"demo-dettato\"}"))
                .andReturn()
                .getRequest()
                .getSession(false);
  }

  private String fetch(String path) throws Exception {
    return mvc.perform(get(path).session(session))
        .andReturn()
        .getResponse()
        .getContentAsString(StandardCharsets.UTF_8);
  }

  private long count(String what) {
    Long count = jdbc.queryForObject("select count(*) from " + what, Long.class);
    return count == null ? -1 : count;
  }

  @Test
  @Order(1)
  void everyRowIsStillThere() {
    System.out.printf(
        "0.1 held %s; now %d attempts (%d emptied), %d overrides (%d withdrawn), %d sessions,"
            + " %d items, %d pupils, %d papers away%n",
        BEFORE,
        count("attempt"),
        count("attempt where state = 'EMPTY'"),
        count("override_log"),
        count("override_log where withdrawn_at is not null"),
        count("session"),
        count("item"),
        count("pupil"),
        count("paper where state = 'AWAY'"));
    assertEquals(BEFORE.get("attempt"), count("attempt"));
    assertEquals(BEFORE.get("override_log"), count("override_log"));
    assertEquals(BEFORE.get("dictation"), count("session"));
    assertEquals(BEFORE.get("item") + BEFORE.get("dictation"), count("item"));
    assertEquals(BEFORE.get("pupil"), count("pupil"));
    assertEquals(BEFORE.get("own_word"), count("own_word"));
    assertEquals(1, count("paper where state = 'AWAY'"));
    assertEquals(11, count("attempt where state = 'EMPTY'"), "ten of an away paper, one emptied");
  }

  /** Away papers have no lines any more, and an emptied cell never should have had one. */
  @Test
  @Order(1)
  void noCarriedWordSaysThatItsSoundsWereRight() {
    assertEquals(
        0,
        count(
            "mark_word w join mark m on m.attempt_id = w.attempt_id"
                + " where m.version like '% of 0.1' and w.counted = true"));
  }

  @Test
  @Order(2)
  void everyAttemptIsExportedAsBeforeWithItsResultAndOutcomes() throws Exception {
    for (JsonNode of : said().get("classes")) {
      TreeSet<String> before = new TreeSet<>();
      of.get("csv")
          .asText()
          .lines()
          .filter(l -> !l.contains(",ABSENT,") || l.matches("[^,]*,[^,]*,[^,]+,[^,]+,ABSENT,.*"))
          .filter(l -> !l.contains(",Xanthe,") && !l.contains(",,"))
          .forEach(before::add);
      TreeSet<String> after = new TreeSet<>();
      fetch("/api/classes/" + of.at("/class/id").asLong() + "/attempts.csv")
          .lines()
          .filter(l -> !l.contains(",Xanthe,") && !l.contains(",,"))
          .forEach(after::add);
      assertTrue(before.size() > 10);
      assertEquals(before, after);
    }
  }

  @Test
  @Order(3)
  void findingsAreWhatTheyWere() throws Exception {
    for (JsonNode of : said().get("classes")) {
      String path = "/api/classes/" + of.at("/class/id").asLong() + "/findings?asOf=2026-11-26";
      Map<String, String> before = told(of.get("findings"));
      assertTrue(before.size() >= 2);
      assertEquals(before, told(json.readTree(fetch(path)).get("findings")));
    }
  }

  private static Map<String, String> told(JsonNode findings) {
    Map<String, String> told = new TreeMap<>();
    findings.forEach(
        f ->
            told.put(
                f.get("pupil").asText()
                    + " "
                    + f.get("rule").asText()
                    + " "
                    + f.get("kind").asText(),
                "%d of %d, %.4f"
                    .formatted(
                        f.get("failures").asInt(),
                        f.get("opportunities").asInt(),
                        f.get("probability").asDouble())));
    return told;
  }

  /** The core of today knows conditions: what it counts may be less, what it finds is the same. */
  @Test
  @Order(4)
  void oldMarksAreMadeAnewBehindTheScreensAndFindTheSame() throws Exception {
    RELEASED.set(true);
    WAITING.forEach(Runnable::run);
    for (int i = 0; i < 600 && progress().get("left").asInt() > 0; i++) {
      Thread.sleep(100);
    }
    assertEquals(0, progress().get("left").asInt());
    assertTrue(count("mark_unit") > 100);
    for (JsonNode of : said().get("classes")) {
      String path = "/api/classes/" + of.at("/class/id").asLong() + "/findings?asOf=2026-11-26";
      JsonNode now = json.readTree(fetch(path)).get("findings");
      assertEquals(told(of.get("findings")).keySet(), told(now).keySet());
      now.forEach(f -> assertTrue(f.get("broken").size() > 0, f.toString()));
      now.forEach(
          f ->
              f.get("broken")
                  .forEach(
                      b ->
                          assertTrue(
                              b.get("condition").asText().startsWith(f.get("rule").asText()))));
    }
  }

  private JsonNode progress() throws Exception {
    return json.readTree(fetch("/api/marking/progress"));
  }

  @Test
  @Order(5)
  void whatWasNewOnceGoesOnAfterTheOldIds() throws Exception {
    long last = jdbc.queryForObject("select max(id) from session", Long.class);
    JsonNode made =
        json.readTree(
            mvc.perform(
                    post("/api/classes/1/sessions")
                        .session(session)
                        .with(csrf())
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"date\":\"2026-11-27\",\"focus\":[{\"rule\":\"final-k\"}]}"))
                .andReturn()
                .getResponse()
                .getContentAsString());
    assertTrue(made.get("id").asLong() > last);
    assertEquals(10, made.at("/blocks/0/items").size());
  }

  @Test
  @Order(6)
  void theFileHasAKeyOfItsOwnNow() throws Exception {
    Path key = folder.resolve("database.key");
    assertEquals(49, Files.size(key));
    assertEquals("rw-------", PosixFilePermissions.toString(Files.getPosixFilePermissions(key)));
    assertThrows(
        SQLException.class,
        () -> DriverManager.getConnection("jdbc:h2:file:" + folder + "/dettato", "sa", "").close());
  }

  @Test
  @Order(7)
  void whoeverWasFirstLeads() {
    assertEquals(1, count("founder"));
    String role = jdbc.queryForObject("select role from account where name = 'demo'", String.class);
    assertEquals("LEAD", role);
  }
}
