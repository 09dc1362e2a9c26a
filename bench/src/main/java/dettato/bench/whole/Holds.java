package dettato.bench.whole;

import java.io.IOException;
import java.io.InputStream;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;

/**
 * What the server withstands: files far too large and files in turn, bodies that come slowly,
 * guessing, a line that outlives its login, and own words with all that is made anew after each.
 */
public final class Holds {
  private static final int SLOW = 210;
  private static final int GUESSES = 40;
  private static final int AT_A_TIME = 20;
  private static final int TOO_MANY_LINES = 900_000;
  private static final int GOOD_LINES = 19_000;
  private static final int OWN_WORDS = 60;
  private static final int COUNT = 12;
  private static final String ACCOUNT = "{\"username\":\"%s\",\"password\":\"%s\"}";

  private final String address;

  private Holds(String address) {
    this.address = address;
  }

  /** A client with cookies of its own. */
  private final class Client {
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();

    Client() throws IOException, InterruptedException {
      send("GET", "/api/session", "application/json", "");
    }

    Client(String name, String password) throws IOException, InterruptedException {
      this();
      int status =
          send("POST", "/api/session", "application/json", ACCOUNT.formatted(name, password))
              .statusCode();
      if (status != 200) {
        throw new IllegalStateException("log in answered " + status);
      }
    }

    HttpResponse<String> send(String method, String path, String type, String body, String... more)
        throws IOException, InterruptedException {
      HttpRequest.Builder asked =
          HttpRequest.newBuilder(URI.create(address + path))
              .header("Content-Type", type)
              .header(
                  "X-XSRF-TOKEN",
                  cookies.getCookieStore().getCookies().stream()
                      .filter(c -> c.getName().equals("XSRF-TOKEN"))
                      .map(HttpCookie::getValue)
                      .findFirst()
                      .orElse(""))
              .method(method, HttpRequest.BodyPublishers.ofString(body));
      if (more.length > 0) {
        asked.headers(more);
      }
      return http.send(asked.build(), HttpResponse.BodyHandlers.ofString());
    }

    long newClass(String name) throws IOException, InterruptedException {
      StringBuilder pupils = new StringBuilder();
      for (int i = 0; i < COUNT; i++) {
        pupils.append(i > 0 ? "," : "").append("\"Child ").append((char) ('A' + i)).append('"');
      }
      String made =
          send(
                  "POST",
                  "/api/classes",
                  "application/json",
                  "{\"name\":\"%s\",\"accent\":\"en-GB\",\"pupils\":[%s]}".formatted(name, pupils))
              .body();
      return Api.ids(made, "\"id\":(\\d+)").get(0);
    }
  }

  /** The address of the server, and what is to be withstood: all, or guesses alone. */
  public static void main(String[] args) throws Exception {
    Holds holds = new Holds(args[0]);
    if (args.length > 1) {
      holds.guesses(args[1]);
      return;
    }
    holds.guesses("without the proxy setting");
    holds.slowBodies();
    holds.filesFarTooLarge();
    holds.filesInTurn();
    holds.lineAfterLogOut();
    holds.ownWords();
  }

  private static <T> List<T> atOnce(int threads, List<Callable<T>> all) throws Exception {
    ExecutorService pool = Executors.newFixedThreadPool(threads);
    List<T> done = new ArrayList<>();
    for (Future<T> one : pool.invokeAll(all)) {
      done.add(one.get());
    }
    pool.shutdown();
    return done;
  }

  private static double millis(long since) {
    return (System.nanoTime() - since) / 1e6;
  }

  private void guesses(String how) throws Exception {
    Client lead = new Client("demo", "demo-dettato");
    String name = "guessed" + System.nanoTime();
    for (String account : List.of(name, name + "b")) {
      lead.send(
          "POST",
          "/api/accounts",
          "application/json",
          "{\"username\":\"%s\",\"password\":\"limpet-shell\",\"role\":\"TEACHER\"}"
              .formatted(account));
    }
    List<Callable<Integer>> all = new ArrayList<>();
    for (int i = 0; i < GUESSES; i++) {
      String made = "10.9.0." + i;
      all.add(
          () ->
              new Client()
                  .send(
                      "POST",
                      "/api/session",
                      "application/json",
                      ACCOUNT.formatted(name, "guess"),
                      "X-Forwarded-For",
                      made)
                  .statusCode());
    }
    TreeMap<Integer, Integer> answers = new TreeMap<>();
    atOnce(AT_A_TIME, all).forEach(a -> answers.merge(a, 1, Integer::sum));
    int second =
        new Client()
            .send(
                "POST",
                "/api/session",
                "application/json",
                ACCOUNT.formatted(name + "b", "limpet-shell"))
            .statusCode();
    System.out.printf(
        "%d guesses at one account, %d at a time, %s: %s; a second account from here: %d%n",
        GUESSES, AT_A_TIME, how, answers, second);
  }

  private void slowBodies() throws Exception {
    URI at = URI.create(address);
    List<Socket> slow = new ArrayList<>();
    for (int i = 0; i < SLOW; i++) {
      Socket socket = new Socket(at.getHost(), at.getPort());
      socket
          .getOutputStream()
          .write(
              ("POST /api/session HTTP/1.1\r\nHost: here\r\nContent-Type: application/json\r\n"
                      + "Content-Length: 5000\r\n\r\n{")
                  .getBytes(StandardCharsets.US_ASCII));
      socket.getOutputStream().flush();
      slow.add(socket);
    }
    double longest = 0;
    for (int i = 0; i < 20; i++) {
      long start = System.nanoTime();
      int status =
          new Client().send("GET", "/actuator/health", "application/json", "").statusCode();
      longest = Math.max(longest, status == 200 ? millis(start) : Double.POSITIVE_INFINITY);
    }
    System.out.printf(
        Locale.ROOT,
        "%d slow bodies: health and a session, the longest of 20: %.0f ms%n",
        SLOW,
        longest);
    for (Socket socket : slow) {
      socket.close();
    }
  }

  private void filesFarTooLarge() throws Exception {
    String file = "date,pupil,target,attempt\n" + "2026-01-12,A,a,b\n".repeat(TOO_MANY_LINES);
    List<Callable<String>> all = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      Client teacher = new Client("demo", "demo-dettato");
      long id = teacher.newClass("Far too large " + i);
      all.add(
          () -> {
            long start = System.nanoTime();
            HttpResponse<String> answer =
                teacher.send("POST", "/api/classes/" + id + "/attempts/import", "text/csv", file);
            return String.format(
                    Locale.ROOT, "%d in %.1f s", answer.statusCode(), millis(start) / 1e3)
                + (answer.body().contains("20,000 lines") ? " naming the limit" : answer.body());
          });
    }
    System.out.printf("4 files of %,d lines at once: %s%n", TOO_MANY_LINES, atOnce(4, all));
  }

  private void filesInTurn() throws Exception {
    AtomicBoolean over = new AtomicBoolean();
    Client typing = new Client("demo", "demo-dettato");
    String papers = typing.send("GET", "/api/sessions/10/papers", "application/json", "").body();
    long pupil = Api.ids(papers, "\"pupil\":\\{\"id\":(\\d+)").get(20);
    String session = typing.send("GET", "/api/sessions/10", "application/json", "").body();
    long item = Api.ids(session.substring(session.indexOf("\"items\"")), "\"id\":(\\d+)").get(0);
    ExecutorService other = Executors.newSingleThreadExecutor();
    Future<double[]> keys =
        other.submit(
            () -> {
              List<Double> took = new ArrayList<>();
              for (int i = 0; !over.get(); i++) {
                long start = System.nanoTime();
                int status =
                    typing
                        .send(
                            "PUT",
                            "/api/sessions/10/papers/" + pupil + "/items/" + item,
                            "application/json",
                            "{\"written\":\"stop"
                                + (char) ('a' + i % 26)
                                + "\",\"state\":\"WRITTEN\"}")
                        .statusCode();
                took.add(status == 200 ? millis(start) : Double.POSITIVE_INFINITY);
                TimeUnit.MILLISECONDS.sleep(100);
              }
              return took.stream().mapToDouble(d -> d).sorted().toArray();
            });
    String[] words = {"badge", "cage", "stopped", "running", "night", "rain", "happy", "catch"};
    List<Callable<String>> all = new ArrayList<>();
    for (int f = 0; f < 4; f++) {
      Client teacher = new Client("demo", "demo-dettato");
      long id = teacher.newClass("In turn " + f);
      StringBuilder file = new StringBuilder("date,pupil,target,attempt\n");
      for (int i = 0; i < GOOD_LINES; i++) {
        String word = words[i % words.length];
        file.append("2026-0")
            .append(1 + i / 28 % 6)
            .append('-')
            .append(10 + i % 18)
            .append(",Child ")
            .append((char) ('A' + i % COUNT))
            .append(',')
            .append(word)
            .append(',')
            .append(word, 0, word.length() - 1)
            .append((char) ('a' + i / 500 % 26))
            .append((char) ('a' + i / 19 % 26))
            .append('\n');
      }
      all.add(() -> insisting(teacher, id, file.toString()));
    }
    long start = System.nanoTime();
    List<String> came = atOnce(4, all);
    over.set(true);
    double[] took = keys.get();
    other.shutdown();
    System.out.printf(
        Locale.ROOT,
        "4 files of %,d good lines, all in after %.1f s:%n",
        GOOD_LINES,
        millis(start) / 1e3);
    came.forEach(c -> System.out.println("  " + c));
    System.out.printf(
        Locale.ROOT,
        "  a colleague's %d keys meanwhile: median %.0f ms, p95 %.0f ms, longest %.0f ms%n",
        took.length,
        took[took.length / 2],
        took[(int) (took.length * 0.95)],
        took[took.length - 1]);
  }

  /** Sends a file again as often as it is told to wait. */
  private static String insisting(Client teacher, long id, String file) throws Exception {
    double longest = 0;
    for (int waits = 0; ; waits++) {
      long start = System.nanoTime();
      HttpResponse<String> answer =
          teacher.send("POST", "/api/classes/" + id + "/attempts/import", "text/csv", file);
      if (answer.statusCode() != 429) {
        return String.format(
            Locale.ROOT,
            "%d %s in %.1f s, told to wait %d times, each within %.1f s",
            answer.statusCode(),
            answer.body(),
            millis(start) / 1e3,
            waits,
            longest / 1e3);
      }
      longest = Math.max(longest, millis(start));
      TimeUnit.SECONDS.sleep(
          Long.parseLong(answer.headers().firstValue("Retry-After").orElseThrow()));
    }
  }

  private void lineAfterLogOut() throws Exception {
    Client teacher = new Client("demo", "demo-dettato");
    HttpResponse<InputStream> line =
        teacher.http.send(
            HttpRequest.newBuilder(URI.create(address + "/api/sessions/10/events")).build(),
            HttpResponse.BodyHandlers.ofInputStream());
    TimeUnit.MILLISECONDS.sleep(500);
    long start = System.nanoTime();
    teacher.send("DELETE", "/api/login", "application/json", "");
    String heard = new String(line.body().readAllBytes(), StandardCharsets.UTF_8);
    System.out.printf(
        Locale.ROOT,
        "a line of events ended %.0f ms after its log-out; heard before: %s%n",
        millis(start),
        heard.strip().replace('\n', ' '));
  }

  private void ownWords() throws Exception {
    Client teacher = new Client("demo", "demo-dettato");
    double[] took = new double[OWN_WORDS];
    for (int i = 0; i < OWN_WORDS; i++) {
      long start = System.nanoTime();
      String word = "zo" + (char) ('b' + i % 3) + "a" + "t".repeat(1 + i / 3);
      StringBuilder units = new StringBuilder();
      for (char letter : word.toCharArray()) {
        String says = letter == 'a' ? "æ" : letter == 'o' ? "ɒ" : String.valueOf(letter);
        units
            .append(units.length() > 0 ? "," : "")
            .append("{\"grapheme\":\"")
            .append(letter)
            .append("\",\"phoneme\":\"")
            .append(letter == 'c' ? "k" : says)
            .append("\"}");
      }
      ok(
          teacher.send(
              "PUT",
              "/api/own-words/" + word,
              "application/json",
              "{\"units\":[" + units + "],\"clue\":\"\",\"choose\":true}"));
      ok(
          teacher.send(
              "POST",
              "/api/classes/1/fill",
              "application/json",
              "{\"kind\":\"words\",\"focus\":[{\"rule\":\"final-ch\"}],\"count\":5,\"without\":[],\"seed\":"
                  + i
                  + "}"));
      ok(teacher.send("GET", "/api/classes/1/exercises/gap?rule=final-ch", "application/json", ""));
      ok(
          teacher.send(
              "GET", "/api/classes/1/exercises/listen?rule=final-ch", "application/json", ""));
      took[i] = millis(start);
    }
    Arrays.sort(took);
    System.out.printf(
        Locale.ROOT,
        "%d own words, each with a fill and two exercises: alive; median %.1f s, longest %.1f s%n",
        OWN_WORDS,
        took[OWN_WORDS / 2] / 1e3,
        took[OWN_WORDS - 1] / 1e3);
  }

  private static void ok(HttpResponse<String> answer) {
    if (answer.statusCode() >= 300) {
      throw new IllegalStateException(
          answer.uri() + " answered " + answer.statusCode() + " " + answer.body());
    }
  }
}
