package dettato.app.demo;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.function.IntSupplier;

/** A made-up child's device: it knows what any device knows, a code and then a token. */
final class RoomDevice {
  private static final int GOOD = 300;

  private final CookieManager cookies = new CookieManager();
  private final HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();
  private final IntSupplier port;
  private String token = "";

  /**
   * @param port on which this machine's server listens now
   */
  RoomDevice(IntSupplier port) {
    this.port = port;
  }

  void sitWith(String token) {
    this.token = token;
  }

  /**
   * Asks as a page does.
   *
   * @throws IOException when the line is down, or the answer is none
   */
  String ask(String method, String path, String body) throws IOException, InterruptedException {
    HttpResponse<String> answer =
        http.send(
            HttpRequest.newBuilder(
                    URI.create("http://127.0.0.1:" + port.getAsInt() + "/api/" + path))
                .header("Content-Type", "application/json")
                .header("X-XSRF-TOKEN", xsrf())
                .header("Tablet-Token", token)
                .method(method, HttpRequest.BodyPublishers.ofString(body, StandardCharsets.UTF_8))
                .build(),
            HttpResponse.BodyHandlers.ofString(StandardCharsets.UTF_8));
    if (answer.statusCode() >= GOOD) {
      throw new IOException(path + " answered " + answer.statusCode());
    }
    return answer.body();
  }

  private String xsrf() {
    return cookies.getCookieStore().getCookies().stream()
        .filter(c -> c.getName().equals("XSRF-TOKEN"))
        .map(HttpCookie::getValue)
        .findFirst()
        .orElse("");
  }
}
