package dettato.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What was acknowledged is there after the process is killed in the middle of typing. */
class DurabilityTest {
  private static final int BEFORE_THE_KILL = 60;

  @Test
  void everyAcknowledgedAttemptOutlivesAKill(@TempDir Path folder) throws Exception {
    try (Server server = new Server(folder)) {
      Client typing = new Client(server.address());
      typing.logIn();
      List<Integer> pupils =
          numbers(typing.get("/api/dictations/11"), "\"pupil\":\\{\"id\":(\\d+)");
      List<Integer> items = numbers(typing.get("/api/dictations/11"), "\"id\":(\\d+),\"place\"");
      List<String> acknowledged = new ArrayList<>();
      CountDownLatch enough = new CountDownLatch(BEFORE_THE_KILL);
      Thread typist = new Thread(() -> type(typing, pupils, items, acknowledged, enough), "typist");
      typist.start();
      enough.await();
      server.killAndRestart();
      typist.join();
      Client after = new Client(server.address());
      after.logIn();
      String kept = after.get("/api/dictations/11");
      assertTrue(acknowledged.size() >= BEFORE_THE_KILL);
      assertEquals(
          List.of(), acknowledged.stream().filter(w -> !kept.contains("\"" + w + "\"")).toList());
    }
  }

  /** Types until the server is gone, noting each attempt only once it is acknowledged. */
  private static void type(
      Client client,
      List<Integer> pupils,
      List<Integer> items,
      List<String> acknowledged,
      CountDownLatch enough) {
    try {
      for (int pupil : pupils) {
        for (int item : items) {
          String written = "w" + letters(pupil) + "x" + letters(item);
          client.put(
              "/api/dictations/11/attempts",
              "{\"pupilId\":%d,\"itemId\":%d,\"written\":\"%s\",\"state\":\"WRITTEN\"}"
                  .formatted(pupil, item, written));
          acknowledged.add(written);
          enough.countDown();
        }
      }
    } catch (IOException gone) {
      return;
    }
  }

  private static String letters(int n) {
    StringBuilder text = new StringBuilder();
    for (char digit : String.valueOf(n).toCharArray()) {
      text.append((char) ('a' + digit - '0'));
    }
    return text.toString();
  }

  private static List<Integer> numbers(String json, String pattern) {
    return java.util.regex.Pattern.compile(pattern)
        .matcher(json)
        .results()
        .map(m -> Integer.valueOf(m.group(1)))
        .toList();
  }

  /** A script's view of the API: a session cookie and the CSRF header. */
  private static final class Client {
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();
    private final String address;

    Client(String address) {
      this.address = address;
    }

    void logIn() throws IOException {
      get("/api/session");
      send("POST", "/api/session", "{\"username\":\"demo\",\"password\":\"demo-dettato\"}");
    }

    String get(String path) throws IOException {
      return send("GET", path, "");
    }

    void put(String path, String body) throws IOException {
      send("PUT", path, body);
    }

    private String send(String method, String path, String body) throws IOException {
      String token =
          cookies.getCookieStore().getCookies().stream()
              .filter(c -> c.getName().equals("XSRF-TOKEN"))
              .map(HttpCookie::getValue)
              .findFirst()
              .orElse("");
      HttpRequest request =
          HttpRequest.newBuilder(URI.create(address + path))
              .header("Content-Type", "application/json")
              .header("X-XSRF-TOKEN", token)
              .method(method, HttpRequest.BodyPublishers.ofString(body))
              .build();
      try {
        HttpResponse<String> answer = http.send(request, HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() >= 300) {
          throw new IllegalStateException(
              path + " answered " + answer.statusCode() + answer.body());
        }
        return answer.body();
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
        throw new IOException(e);
      }
    }
  }
}
