package dettato.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Many write at once; nothing acknowledged is lost. */
class RaceTest extends ApiCase {
  private static final int SESSIONS = 6;
  private static final int WRITES = 200;

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
}
