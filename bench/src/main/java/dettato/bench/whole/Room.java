package dettato.bench.whole;

import dettato.rule.Outcome;
import dettato.rule.RuleBook;
import dettato.simulate.Habit;
import dettato.simulate.SimulatedChild;
import dettato.simulate.SimulatedClass;
import dettato.word.Lexicon;
import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/**
 * Made-up classes that write their papers through the children's own page: every device joins by
 * the code, sits down as a child, sends one answer after the other, and sends it again where the
 * line was down. At the end what was acknowledged is looked for in the teacher's grid.
 */
final class Room {
  /** Each writes an answer every one to three seconds, several times as fast as children do. */
  private static final int QUICKEST = 1000;

  private static final int PAUSE = 2000;
  private static final int AGAIN = 400;

  private final String address;
  private final Map<String, String> acknowledged = new ConcurrentHashMap<>();
  private final List<Double> millis = Collections.synchronizedList(new ArrayList<>());

  private Room(String address) {
    this.address = address;
  }

  /** A session that is handed out. */
  private record Out(long session, String code, List<Long> pupils, Map<Long, String> words) {}

  /**
   * @param args the address, how many classes, how many children in each
   */
  public static void main(String[] args) throws Exception {
    Room room = new Room(args[0]);
    int classes = Integer.parseInt(args[1]);
    int children = Integer.parseInt(args[2]);
    List<Out> out = new ArrayList<>();
    for (int c = 0; c < classes; c++) {
      out.add(handOut(new Api(args[0]), c, children));
    }
    List<Thread> devices = new ArrayList<>();
    for (Out one : out) {
      SimulatedClass made = simulated(children);
      for (int i = 0; i < one.pupils.size(); i++) {
        int at = i;
        devices.add(new Thread(() -> room.write(one, at, made)));
      }
    }
    long start = System.nanoTime();
    devices.forEach(Thread::start);
    for (Thread device : devices) {
      device.join();
    }
    room.report(out, (System.nanoTime() - start) / 1e9);
  }

  private static SimulatedClass simulated(int children) {
    return new SimulatedClass(
        IntStream.range(0, children)
            .mapToObj(
                i ->
                    new SimulatedChild(
                        "child" + i,
                        List.of(
                            Habit.onSide(
                                RuleBook.RULES.get(i % RuleBook.RULES.size()).id(),
                                Outcome.UNDER,
                                0.85)),
                        0.1))
            .toList(),
        7);
  }

  private static Out handOut(Api api, int number, int children) throws Exception {
    String names =
        String.join(",", IntStream.range(0, children).mapToObj(i -> "\"child" + i + "\"").toList());
    String of =
        api.post(
            "/api/classes",
            "{\"name\":\"Class Whelk %d\",\"accent\":\"en-GB\",\"pupils\":[%s]}"
                .formatted(number, names));
    List<Long> ids = Api.ids(of, "\"id\":(\\d+)");
    String made =
        api.post(
            "/api/classes/" + ids.get(0) + "/sessions",
            "{\"date\":\"%s\",\"template\":\"dictation\",\"focus\":[{\"rule\":\"final-ch\"}]}"
                .formatted(LocalDate.of(2026, 7, 17)));
    long session = Api.ids(made, "\"id\":(\\d+)").get(0);
    Map<Long, String> words = new ConcurrentHashMap<>();
    Matcher items = Pattern.compile("\"id\":(\\d+),\"text\":\"([^\"]*)\"").matcher(made);
    while (items.find()) {
      words.put(Long.valueOf(items.group(1)), items.group(2));
    }
    String handed = api.post("/api/sessions/" + session + "/handout", "");
    Matcher code = Pattern.compile("\"code\":\"(\\w+)\"").matcher(handed);
    if (!code.find()) {
      throw new IllegalStateException("no code in " + handed);
    }
    return new Out(session, code.group(1), ids.subList(1, ids.size()), words);
  }

  private void write(Out out, int at, SimulatedClass made) {
    Random random = new Random(at);
    long pupil = out.pupils.get(at);
    Device device = new Device();
    device.ask("GET", "/api/session", "");
    device.ask("POST", "/api/tablet/join", "{\"code\":\"" + out.code + "\"}");
    String seat =
        device.ask(
            "POST", "/api/tablet/sit", "{\"code\":\"" + out.code + "\",\"pupilId\":" + pupil + "}");
    device.token = seat.replaceAll(".*\"token\":\"(\\w+)\".*", "$1");
    for (long item : Api.ids(device.ask("GET", "/api/tablet/sheet", ""), "\"id\":(\\d+)")) {
      String asked = out.words.getOrDefault(item, "");
      String written =
          Lexicon.shipped()
              .find(asked, "en-GB")
              .map(w -> made.attempt(made.children().get(at), w, at))
              .orElse(asked);
      pause(QUICKEST + random.nextInt(PAUSE));
      long start = System.nanoTime();
      int tries =
          device.until("PUT", "/api/tablet/items/" + item, "{\"written\":\"" + written + "\"}");
      if (tries == 1) {
        millis.add((System.nanoTime() - start) / 1e6);
      }
      acknowledged.put(out.session + " " + pupil + " " + item, written);
    }
    device.ask("POST", "/api/tablet/hand-in", "");
  }

  private void report(List<Out> out, double seconds) throws Exception {
    Api api = new Api(address);
    int there = 0;
    for (Out one : out) {
      String papers = api.get("/api/sessions/" + one.session + "/papers");
      Matcher cells =
          Pattern.compile("\"pupilId\":(\\d+),\"itemId\":(\\d+),\"written\":\"([^\"]*)\"")
              .matcher(papers);
      while (cells.find()) {
        String sent = acknowledged.get(one.session + " " + cells.group(1) + " " + cells.group(2));
        there += cells.group(3).equals(sent) ? 1 : 0;
      }
    }
    List<Double> sorted = millis.stream().sorted().toList();
    System.out.printf(
        "%d answers acknowledged in %.1f s, %d of them in the grid; sent at the first try: %d, median"
            + " %.1f ms, p95 %.1f ms%n",
        acknowledged.size(),
        seconds,
        there,
        sorted.size(),
        sorted.get(sorted.size() / 2),
        sorted.get((int) (sorted.size() * 0.95)));
  }

  private static void pause(int millis) {
    try {
      Thread.sleep(millis);
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  /** A child's device: a browser of its own. */
  private final class Device {
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();
    private String token = "";

    /** Asks again until it is answered; the answer. */
    String ask(String method, String path, String body) {
      for (; ; ) {
        try {
          HttpResponse<String> answer = send(method, path, body);
          if (answer.statusCode() < 300) {
            return answer.body();
          }
          if (answer.statusCode() < 500 && answer.statusCode() != 403) {
            throw new IllegalStateException(path + " answered " + answer.body());
          }
        } catch (IOException down) {
          // The line is down; it is tried again.
        }
        pause(AGAIN);
      }
    }

    /** The same; how many tries it took. */
    int until(String method, String path, String body) {
      for (int tries = 1; ; tries++) {
        try {
          HttpResponse<String> answer = send(method, path, body);
          if (answer.statusCode() < 300) {
            return tries;
          }
        } catch (IOException down) {
          // The line is down; it is tried again.
        }
        pause(AGAIN);
      }
    }

    private HttpResponse<String> send(String method, String path, String body) throws IOException {
      String xsrf =
          cookies.getCookieStore().getCookies().stream()
              .filter(c -> c.getName().equals("XSRF-TOKEN"))
              .map(HttpCookie::getValue)
              .findFirst()
              .orElse("");
      try {
        return http.send(
            HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "application/json")
                .header("X-XSRF-TOKEN", xsrf)
                .header("Tablet-Token", token)
                .method(method, HttpRequest.BodyPublishers.ofString(body, StandardCharsets.UTF_8))
                .build(),
            HttpResponse.BodyHandlers.ofString(StandardCharsets.UTF_8));
      } catch (InterruptedException e) {
        throw new IllegalStateException(e);
      }
    }
  }
}
