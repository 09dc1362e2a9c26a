package dettato.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import com.zaxxer.hikari.HikariDataSource;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Many write at once; nothing acknowledged is lost. */
class RaceTest extends ApiCase {
  private static final int SESSIONS = 6;
  private static final int WRITES = 200;
  private static final int ROUNDS = 40;
  private static final int PASTES = 10;

  @Autowired private DataSource pool;

  /** An acknowledged write. */
  private record Kept(long version, String written) {}

  @Test
  void twoHundredRacingWritesOnThreeCellsAreKeptInOrderOrRefused() throws Exception {
    long of = newClass("Race");
    JsonNode planned = plan(newSession(of, TODAY), "", "badge", "cage", "ledge");
    long ada = pupil(of, 0);
    List<Long> items = new ArrayList<>();
    planned.at("/blocks/0/items").forEach(i -> items.add(i.get("id").asLong()));
    Map<Long, ConcurrentLinkedQueue<Kept>> kept = new ConcurrentHashMap<>();
    items.forEach(i -> kept.put(i, new ConcurrentLinkedQueue<>()));
    List<Integer> answers =
        race(
            (n, who, seen) -> {
              long item = items.get(n % items.size());
              String written = "w" + (char) ('a' + n % 26) + (char) ('a' + n / 26);
              boolean blind = n % 4 == 0;
              var answer =
                  mvc.perform(
                          as(who, put(cell(planned, ada, item)))
                              .content(
                                  body(
                                      "written",
                                      written,
                                      "state",
                                      "WRITTEN",
                                      "version",
                                      blind ? null : seen.getOrDefault(item, 0L))))
                      .andReturn()
                      .getResponse();
              JsonNode said = json.readTree(answer.getContentAsString());
              JsonNode now = answer.getStatus() == 200 ? said : said.path("current");
              if (now.has("version")) {
                seen.put(item, now.get("version").asLong());
              }
              if (answer.getStatus() == 200) {
                kept.get(item).add(new Kept(now.get("version").asLong(), written));
              }
              return answer.getStatus();
            });
    assertEquals(
        WRITES, answers.stream().filter(a -> a == 200 || a == 409).count(), answers.toString());
    for (JsonNode cell :
        read("/api/sessions/" + planned.get("id").asLong() + "/papers").get(0).get("cells")) {
      TreeMap<Long, String> byVersion = new TreeMap<>();
      kept.get(cell.get("itemId").asLong())
          .forEach(
              k -> {
                String before = byVersion.put(k.version, k.written);
                assertTrue(before == null || before.equals(k.written), "two writes of one version");
              });
      assertEquals(byVersion.lastKey(), cell.get("version").asLong());
      assertEquals(byVersion.lastEntry().getValue(), cell.get("written").asText());
    }
  }

  /** One write of a racer: its number, its session, the versions it has seen. */
  private interface Write {
    int now(int n, MockHttpSession who, Map<Long, Long> seen) throws Exception;
  }

  private List<Integer> race(Write write) throws Exception {
    ExecutorService racers = Executors.newFixedThreadPool(SESSIONS);
    CountDownLatch ready = new CountDownLatch(SESSIONS);
    List<Future<List<Integer>>> running = new ArrayList<>();
    for (int s = 0; s < SESSIONS; s++) {
      int first = s;
      MockHttpSession who = logIn("demo", "demo-dettato");
      running.add(
          racers.submit(
              () -> {
                ready.countDown();
                ready.await();
                Map<Long, Long> seen = new HashMap<>();
                List<Integer> answers = new ArrayList<>();
                for (int n = first; n < WRITES; n += SESSIONS) {
                  answers.add(write.now(n, who, seen));
                }
                return answers;
              }));
    }
    List<Integer> answers = new ArrayList<>();
    for (Future<List<Integer>> one : running) {
      answers.addAll(one.get());
    }
    racers.shutdown();
    return answers;
  }

  private static MockHttpServletRequestBuilder as(
      MockHttpSession who, MockHttpServletRequestBuilder request) {
    return request
        .session(who)
        .with(SecurityMockMvcRequestPostProcessors.csrf())
        .contentType("application/json");
  }

  @Test
  void ofRacingPlansOneIsKeptForEachVersion() throws Exception {
    JsonNode made = newSession(newClass("Plans"), "2026-03-05");
    List<Integer> answers =
        race(
            (n, who, seen) ->
                mvc.perform(
                        as(who, rewrite(made, "", "badge", "cage", "w" + (char) ('a' + n % 26))))
                    .andReturn()
                    .getResponse()
                    .getStatus());
    assertEquals(1, answers.stream().filter(a -> a == 200).count(), answers.toString());
    assertEquals(WRITES - 1, answers.stream().filter(a -> a == 409).count(), answers.toString());
  }

  /** One colleague judges a cell while another types in it: the mark is of what stands there. */
  @Test
  void aJudgementThatMeetsAWriteLeavesTheMarkOfWhatStands() throws Exception {
    long of = newClass("Judged");
    JsonNode planned = plan(newSession(of, TODAY), "", "badge", "cage");
    long ada = pupil(of, 0);
    long item = planned.at("/blocks/0/items/0/id").asLong();
    MockHttpSession colleague = logIn("demo", "demo-dettato");
    List<String> wrong = new ArrayList<>();
    for (int round = 0; round < ROUNDS; round++) {
      JsonNode first = type(planned, ada, item, "baj");
      String later = "bage" + (char) ('a' + round % 26);
      atOnce(
          () ->
              mvc.perform(
                  as(
                          colleague,
                          put("/api/attempts/" + first.get("attemptId").asLong() + "/override"))
                      .content(body("result", "READS_RIGHT", "note", ""))),
          () -> type(planned, ada, item, later));
      JsonNode cell =
          read("/api/sessions/" + planned.get("id").asLong() + "/papers").get(0).at("/cells/0");
      if (!cell.get("written").asText().equals(cell.at("/mark/attempt").asText())) {
        wrong.add(cell.get("written") + " marked as " + cell.at("/mark/attempt"));
      }
    }
    assertEquals(List.of(), wrong);
  }

  /** A–Z beside Z–A: neither waits for the other for good, and every cell comes in. */
  @Test
  void twoPastesCrosswiseBothComeIn() throws Exception {
    List<String> names = IntStream.range(0, 26).mapToObj(i -> "Child " + (char) ('A' + i)).toList();
    long of =
        read(write(
                post("/api/classes"),
                body("name", "Crosswise", "accent", "en-GB", "pupils", names)))
            .get("id")
            .asLong();
    String[] words = {
      "badge", "cage", "ledge", "page", "bridge", "age", "fudge", "wage", "lodge", "edge"
    };
    MockHttpSession colleague = logIn("demo", "demo-dettato");
    for (int round = 0; round < PASTES; round++) {
      JsonNode planned = plan(newSession(of, TODAY), "", words);
      String path = "/api/sessions/" + planned.get("id").asLong();
      List<String> backwards = new ArrayList<>(names);
      Collections.reverse(backwards);
      List<Integer> answers =
          atOnce(
              () -> pasted(session, path, names, words, 0, 5),
              () -> pasted(colleague, path, backwards, words, 5, 10));
      assertEquals(List.of(200, 200), answers, "round " + round);
      int cells = 0;
      for (JsonNode paper : read(path + "/papers")) {
        cells += paper.get("cells").size();
      }
      assertEquals(names.size() * words.length, cells, "round " + round);
    }
  }

  private int pasted(
      MockHttpSession who, String path, List<String> names, String[] words, int from, int to)
      throws Exception {
    StringBuilder block = new StringBuilder();
    for (int w = from; w < to; w++) {
      block.append('\t').append(words[w]);
    }
    for (String name : names) {
      block.append('\n').append(name);
      for (int w = from; w < to; w++) {
        block.append('\t').append(words[w], 0, words[w].length() - 1);
      }
    }
    return mvc.perform(
            as(who, post(path + "/paste"))
                .content(body("text", block.toString(), "keep", true, "replace", false)))
        .andReturn()
        .getResponse()
        .getStatus();
  }

  /** Two that begin at the same moment; what each came to. */
  @SafeVarargs
  private static <T> List<T> atOnce(Callable<T>... both) throws Exception {
    CountDownLatch ready = new CountDownLatch(both.length);
    ExecutorService pair = Executors.newFixedThreadPool(both.length);
    List<Future<T>> running = new ArrayList<>();
    for (Callable<T> one : both) {
      running.add(
          pair.submit(
              () -> {
                ready.countDown();
                ready.await();
                return one.call();
              }));
    }
    List<T> done = new ArrayList<>();
    for (Future<T> one : running) {
      done.add(one.get());
    }
    pair.shutdown();
    return done;
  }

  /**
   * A class that nobody has counted yet is planned with the last connection there is: who holds one
   * asks for no second, or all would wait for each other.
   */
  @Test
  void aColdPlanNeedsOneConnection() throws Exception {
    List<String> names = IntStream.range(0, 26).mapToObj(i -> "Child " + (char) ('A' + i)).toList();
    long of =
        read(write(post("/api/classes"), body("name", "Cold", "accent", "en-GB", "pupils", names)))
            .get("id")
            .asLong();
    StringBuilder csv = new StringBuilder("date,pupil,target,attempt\n");
    for (String name : names) {
      for (String word : List.of("catch", "match", "bench", "hutch", "much", "rich")) {
        csv.append("2026-02-02,").append(name).append(',').append(word).append(",cach\n");
      }
    }
    load(of, csv.toString());
    read("/api/classes/" + of + "/map");
    try (Connection one = pool.getConnection()) {
      // What was counted ahead is old.
      one.createStatement().executeUpdate("update pupil set revision = revision + 1");
    }
    List<Connection> taken = new ArrayList<>();
    try (AutoCloseable given = () -> giveBack(taken)) {
      for (int i = 1; i < pool.unwrap(HikariDataSource.class).getMaximumPoolSize(); i++) {
        taken.add(pool.getConnection());
      }
      mvc.perform(
              as(session, post("/api/classes/" + of + "/sessions"))
                  .content(
                      body("date", TODAY, "focus", List.of(Map.of("rule", "final-ch")), "seed", 3)))
          .andExpect(status().isCreated());
    }
  }

  private static void giveBack(List<Connection> taken) throws SQLException {
    for (Connection one : taken) {
      one.close();
    }
  }
}
