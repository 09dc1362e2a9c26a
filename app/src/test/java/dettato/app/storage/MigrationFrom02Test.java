package dettato.app.storage;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.IntNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import dettato.plan.TeachingSequence;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.StreamSupport;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
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
 * A database filled by 0.2 (a session of all twenty kinds with items of the teacher's own, another
 * beside it, papers, an away child, a blank, overrides, stumbles, titles of her own), kept as the
 * script it wrote, and what 0.2 said of it.
 */
@SpringBootTest
@AutoConfigureMockMvc
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class MigrationFrom02Test {
  private static final List<String> TABLES =
      List.of("session", "block", "item", "paper", "attempt", "mark", "override_log", "stumble");

  /** What items and classes say that 0.2 did not say yet, and drawings, whose shape is another. */
  private static final Set<String> OTHER =
      Set.of("head", "asks", "right", "drawing", "legend", "signs", "sounds");

  private static final Set<String> NEW_OF_BLOCKS = Set.of("role");

  private static final Map<String, Long> BEFORE = new TreeMap<>();

  /** Marking anew waits until the old marks have been looked at. */
  private static final List<Runnable> WAITING = new CopyOnWriteArrayList<>();

  private static final AtomicBoolean RELEASED = new AtomicBoolean();

  @TestConfiguration
  static class Held {
    @Bean
    @Primary
    TaskExecutor held() {
      return task -> {
        if (RELEASED.get()) {
          task.run();
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
    Path folder = Files.createTempDirectory("dettato-migration");
    String url = "jdbc:h2:file:" + folder + "/dettato";
    Path script = folder.resolve("script.sql");
    Files.write(script, unzipped("dettato-0.2.sql.gz"));
    try (Connection old = DriverManager.getConnection(url, "sa", "");
        Statement statement = old.createStatement()) {
      statement.execute("runscript from '" + script + "'");
      statement.execute("alter user sa set password ''");
      for (String table : TABLES) {
        var row = statement.executeQuery("select count(*) from " + table);
        row.next();
        BEFORE.put(table, row.getLong(1));
      }
    }
    properties.add("spring.datasource.url", () -> url);
    properties.add("dettato.folder", folder::toString);
    properties.add("dettato.today", () -> "2026-03-04");
  }

  private static byte[] unzipped(String name) throws IOException {
    try (InputStream in =
            MigrationFrom02Test.class.getResourceAsStream("/dettato/app/migration/" + name);
        GZIPInputStream text = new GZIPInputStream(in)) {
      return text.readAllBytes();
    }
  }

  private JsonNode said() throws IOException {
    return json.readTree(new String(unzipped("said-0.2.json.gz"), StandardCharsets.UTF_8));
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
    return mvc.perform(get(path).header("Dettato-Class", 1).session(session))
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
  void everyRowIsStillThereAndEveryItemIsData() {
    Map<String, Long> now = new TreeMap<>();
    TABLES.forEach(t -> now.put(t, count(t)));
    System.out.printf("0.2 held %s; now %s%n", BEFORE, now);
    assertEquals(BEFORE, now);
    assertTrue(BEFORE.get("item") > 40, BEFORE::toString);
    assertEquals(BEFORE.get("item"), count("item where prompt like '{\"v\":1,\"is\":\"%'"));
    assertEquals(20, count("(select distinct kind from block)"));
  }

  @Test
  @Order(2)
  void allIsSaidAsBefore() throws Exception {
    JsonNode said = said();
    String of = "/api/classes/" + said.get("classId").asLong();
    jdbc.update(
        "update class_profile set choices = '{\"signs\":\"PHONETIC\",' || substring(choices, 2)");
    ((ObjectNode) said.get("class")).put("step", TeachingSequence.shipped().last());
    ((ObjectNode) said.get("profile")).put("step", TeachingSequence.shipped().last());
    assertSame(said.get("class"), of);
    assertSame(said.get("profile"), of + "/profile");
    assertSame(said.get("list"), of + "/sessions");
    assertSame(met(said.get("deck")), met(json.readTree(fetch(of + "/deck"))), "deck");
    assertSame(said.get("findings"), of + "/findings?asOf=2026-03-04");
    for (int i = 0; i < said.get("sessions").size(); i++) {
      String session = "/api/sessions/" + said.at("/sessions/" + i + "/id").asLong();
      assertSame(said.at("/sessions/" + i), session);
      assertSame(said.at("/papers/" + i), session + "/papers");
      assertSame(said.at("/files/" + i), session + "/session.json");
    }
    assertEquals(
        written(said.get("csv").asText()), written(fetch(of + "/attempts.csv?detail=conditions")));
  }

  private void assertSame(JsonNode before, String path) throws Exception {
    assertSame(before, json.readTree(fetch(path)), path);
  }

  private void assertSame(JsonNode before, JsonNode now, String path) {
    assertEquals("", difference(without(before), without(now), path));
  }

  /** Cards that the class has met, in an order of their own: what is new follows our sequence. */
  private JsonNode met(JsonNode deck) {
    Map<String, String> met = new TreeMap<>();
    for (JsonNode card : deck.get("cards")) {
      if (!card.get("state").asText().equals("NEW")) {
        met.put(card.get("front").asText(), card.get("state") + " " + card.get("days"));
      }
    }
    return json.valueToTree(met);
  }

  /** Whether every outcome of then is one of now: rules that came later judge too. */
  private static boolean holds(JsonNode now, JsonNode before) {
    Set<JsonNode> all = new HashSet<>();
    now.forEach(all::add);
    return StreamSupport.stream(before.spliterator(), false).allMatch(all::contains);
  }

  /** The attempts without their outcomes, the last two columns. */
  private static String written(String csv) {
    return csv.replaceAll("(?m),[^,\\n]*,[^,\\n]*$", "");
  }

  /** Where two documents first differ, and how; "" when they do not. */
  private static String difference(JsonNode before, JsonNode now, String at) {
    if (before.equals(now) || at.endsWith("/rules") && holds(now, before)) {
      return "";
    }
    if (before.isArray() && before.size() == now.size()) {
      for (int i = 0; i < before.size(); i++) {
        if (!before.get(i).equals(now.get(i))) {
          return difference(before.get(i), now.get(i), at + "/" + i);
        }
      }
    }
    Set<String> names = new TreeSet<>();
    before.fieldNames().forEachRemaining(names::add);
    now.fieldNames().forEachRemaining(names::add);
    return names.stream()
        .filter(n -> !before.path(n).equals(now.path(n)))
        .findFirst()
        .map(n -> difference(before.path(n), now.path(n), at + "/" + n))
        .orElse(at + ": " + before + " became " + now);
  }

  private static JsonNode without(JsonNode tree) {
    if (tree instanceof ObjectNode object) {
      object.remove(OTHER);
      if (object.get("items") instanceof IntNode) {
        object.remove(NEW_OF_BLOCKS);
      }
      object.forEach(MigrationFrom02Test::without);
    } else if (tree instanceof ArrayNode array) {
      array.forEach(MigrationFrom02Test::without);
    }
    return tree;
  }

  /** Every item can be judged as it was carried over. */
  @Test
  @Order(3)
  void allIsMarkedAnewAndNothingSetAside() throws Exception {
    jdbc.update("update mark set version = 'old'");
    RELEASED.set(true);
    WAITING.forEach(Runnable::run);
    JsonNode progress = json.readTree(fetch("/api/marking/progress"));
    assertEquals(0, progress.get("left").asInt(), progress::toString);
    assertEquals(0, progress.get("aside").asInt(), progress::toString);
    assertEquals(BEFORE.get("mark"), count("mark where version <> 'old'"));
  }

  @ParameterizedTest
  @Order(4)
  @CsvSource(
      delimiter = '#',
      quoteCharacter = '~',
      value = {
        "words # ship # {\"v\":1,\"is\":\"word\",\"spelling\":\"ship\"}",
        "read # hop hope # {\"v\":1,\"is\":\"sentence\",\"text\":\"hop hope\"}",
        "gap # A [gull]. # {\"v\":1,\"is\":\"gap\",\"before\":\"A \",\"word\":\"gull\",\"after\":\".\"}",
        "pairs # hop hope # {\"v\":1,\"is\":\"pair\",\"first\":\"hop\",\"second\":\"hope\"}",
        "sort # bench [ch | tch] # {\"v\":1,\"is\":\"choice\",\"asks\":\"bench\",\"answers\":[\"ch\"],\"others\":[\"tch\"]}",
        "sounds # /eɪ/, one way [ai; ay] # {\"v\":1,\"is\":\"sound\",\"sound\":\"eɪ\",\"note\":\"\",\"graphemes\":[\"ai\",\"ay\"],\"oneWay\":true}",
        "cards # ai [/eɪ/] # {\"v\":1,\"is\":\"card\",\"front\":\"ai\",\"back\":\"/eɪ/\"}",
        "hunt # /iː/ in Kites [see; tea] # {\"v\":1,\"is\":\"hunt\",\"sound\":\"iː\",\"title\":\"Kites\",\"words\":[\"see\",\"tea\"]}",
        "questions # Kites: Why? [so | no] # {\"v\":1,\"is\":\"question\",\"title\":\"Kites\",\"asked\":\"Why?\",\"answers\":[\"so\"],\"others\":[\"no\"]}",
        "own-sentence # because ledge # {\"v\":1,\"is\":\"targets\",\"words\":[\"because\",\"ledge\"]}",
        "listen # no brackets # {\"v\":1,\"is\":\"choice\",\"asks\":\"no brackets\",\"answers\":[\"no brackets\"],\"others\":[]}"
      })
  void aLineBecomesData(String kind, String line, String data) {
    assertEquals(data, V12__prompts.prompt(kind, line));
  }
}
