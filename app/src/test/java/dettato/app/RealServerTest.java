package dettato.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.OutputStream;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;

/** What only a real server shows: bodies that come slowly, and what a proxy says of its clients. */
@SpringBootTest(
    webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
    properties = {
      "spring.datasource.url=jdbc:h2:mem:real;DB_CLOSE_DELAY=-1",
      "dettato.proxy=127.0.0.1",
      "dettato.folder=unused"
    })
class RealServerTest {
  /** More than there are threads that serve. */
  private static final int SLOW = 210;

  private static final String ACCOUNT = "{\"username\":\"%s\",\"password\":\"%s\"}";

  @LocalServerPort private int port;

  /** A script with cookies of its own. */
  private final class Client {
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();

    HttpResponse<String> post(String path, String body, String... headers) throws Exception {
      http.send(
          HttpRequest.newBuilder(at("/api/session")).build(),
          HttpResponse.BodyHandlers.discarding());
      HttpRequest.Builder asked =
          HttpRequest.newBuilder(at(path))
              .header("Content-Type", "application/json")
              .header(
                  "X-XSRF-TOKEN",
                  cookies.getCookieStore().getCookies().stream()
                      .filter(c -> c.getName().equals("XSRF-TOKEN"))
                      .map(HttpCookie::getValue)
                      .findFirst()
                      .orElseThrow())
              .POST(HttpRequest.BodyPublishers.ofString(body));
      if (headers.length > 0) {
        asked.headers(headers);
      }
      return http.send(asked.build(), HttpResponse.BodyHandlers.ofString());
    }
  }

  private URI at(String path) {
    return URI.create("http://127.0.0.1:" + port + path);
  }

  @Test
  void whoSendsSlowlyKeepsNobodyFromBeingServed() throws Exception {
    List<Socket> slow = new ArrayList<>();
    for (int i = 0; i < SLOW; i++) {
      Socket socket = new Socket("127.0.0.1", port);
      send(
          socket,
          "POST /api/session HTTP/1.1\r\nHost: here\r\nContent-Type: application/json\r\n"
              + "Content-Length: 5000\r\n\r\n{");
      slow.add(socket);
    }
    HttpClient http = HttpClient.newHttpClient();
    HttpResponse<String> health =
        http.send(
            HttpRequest.newBuilder(at("/actuator/health")).build(),
            HttpResponse.BodyHandlers.ofString());
    assertEquals(200, health.statusCode());
    String given = new String(slow.get(0).getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertTrue(given.startsWith("HTTP/1.1 408"), "a body that does not come: " + given);
    String refused =
        new String(slow.get(SLOW - 1).getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertTrue(refused.startsWith("HTTP/1.1 429"), "too many from one address: " + refused);
    for (Socket socket : slow) {
      socket.close();
    }
  }

  private static void send(Socket socket, String text) throws IOException {
    OutputStream out = socket.getOutputStream();
    out.write(text.getBytes(StandardCharsets.UTF_8));
    out.flush();
  }

  /** A body that comes in pieces is whole when it is read, and every check is made of it. */
  @Test
  void aBodyThatComesInPiecesIsReadWhole() throws Exception {
    Client known = new Client();
    known.post("/api/accounts/first", ACCOUNT.formatted("lead", "lead-dettato"));
    try (Socket socket = new Socket("127.0.0.1", port)) {
      String body = ACCOUNT.formatted("lead", "lead-dettato");
      send(
          socket,
          "POST /api/session HTTP/1.1\r\nHost: here\r\nConnection: close\r\nCookie: XSRF-TOKEN=x\r\n"
              + "X-XSRF-TOKEN: x\r\nContent-Type: application/json\r\nTransfer-Encoding: chunked\r\n\r\n");
      for (String piece : List.of(body.substring(0, 9), body.substring(9))) {
        send(socket, Integer.toHexString(piece.length()) + "\r\n" + piece + "\r\n");
      }
      send(socket, "0\r\n\r\n");
      String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
      assertTrue(answer.startsWith("HTTP/1.1 200") && answer.contains("\"lead\""), answer);
    }
    HttpResponse<String> withoutHeader =
        HttpClient.newHttpClient()
            .send(
                HttpRequest.newBuilder(at("/api/session"))
                    .header("Content-Type", "application/json")
                    .POST(HttpRequest.BodyPublishers.ofString("{}"))
                    .build(),
                HttpResponse.BodyHandlers.ofString());
    assertEquals(403, withoutHeader.statusCode(), withoutHeader.body());
    assertEquals(401, new Client().post("/api/classes", "{}").statusCode(), "nobody is let in");
    assertEquals(413, new Client().post("/api/session", "x".repeat(40_000)).statusCode());
  }

  /** Behind the proxy that was named: of what a client made up nothing counts. */
  @Test
  void madeUpAddressesGiveNoMoreTries() throws Exception {
    ExecutorService guessers = Executors.newFixedThreadPool(20);
    List<Future<Integer>> made = new ArrayList<>();
    for (int i = 0; i < 40; i++) {
      String address = "10.3.0." + i;
      made.add(
          guessers.submit(
              () ->
                  new Client()
                      .post(
                          "/api/session",
                          ACCOUNT.formatted("nobody", "guess"),
                          "X-Forwarded-For",
                          address + ", 192.0.2.7")
                      .statusCode()));
    }
    List<Integer> answers = new ArrayList<>();
    for (Future<Integer> one : made) {
      answers.add(one.get());
    }
    guessers.shutdown();
    assertEquals(10, answers.stream().filter(a -> a == 401).count(), answers.toString());
    assertEquals(30, answers.stream().filter(a -> a == 429).count(), answers.toString());
  }

  @Test
  void healthTellsWhetherTheDatabaseAnswers() throws Exception {
    for (String path : List.of("", "/readiness", "/liveness")) {
      assertEquals(
          "{\"status\":\"UP\"}",
          HttpClient.newHttpClient()
              .send(
                  HttpRequest.newBuilder(at("/actuator/health" + path)).build(),
                  HttpResponse.BodyHandlers.ofString())
              .body());
    }
  }
}
