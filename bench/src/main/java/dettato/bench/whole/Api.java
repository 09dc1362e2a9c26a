package dettato.bench.whole;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/** A script's view of the API, with times. */
final class Api {
  private final CookieManager cookies = new CookieManager();
  private final HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();
  private final String address;

  Api(String address) throws IOException, InterruptedException {
    this.address = address;
    send("GET", "/api/session", "application/json", "");
    send(
        "POST",
        "/api/session",
        "application/json",
        "{\"username\":\"demo\",\"password\":\"demo-dettato\"}");
  }

  String get(String path) throws IOException, InterruptedException {
    return send("GET", path, "application/json", "");
  }

  String post(String path, String body) throws IOException, InterruptedException {
    return send("POST", path, "application/json", body);
  }

  String send(String method, String path, String type, String body)
      throws IOException, InterruptedException {
    return new String(bytes(method, path, type, body), StandardCharsets.UTF_8);
  }

  /** An answer as it comes, for those who only count how long it takes. */
  byte[] bytes(String method, String path, String type, String body)
      throws IOException, InterruptedException {
    String token =
        cookies.getCookieStore().getCookies().stream()
            .filter(c -> c.getName().equals("XSRF-TOKEN"))
            .map(HttpCookie::getValue)
            .findFirst()
            .orElse("");
    HttpResponse<byte[]> answer =
        http.send(
            HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", type)
                .header("X-XSRF-TOKEN", token)
                .method(method, HttpRequest.BodyPublishers.ofString(body))
                .build(),
            HttpResponse.BodyHandlers.ofByteArray());
    if (answer.statusCode() >= 300) {
      throw new IllegalStateException(
          path
              + " answered "
              + answer.statusCode()
              + new String(answer.body(), StandardCharsets.UTF_8));
    }
    return answer.body();
  }

  /** The ids that follow a key of a JSON text. */
  static List<Long> ids(String json, String pattern) {
    return Pattern.compile(pattern)
        .matcher(json)
        .results()
        .map(m -> Long.valueOf(m.group(1)))
        .toList();
  }

  /**
   * Asks a path again and again and prints the first time, the median, the 95th percentile and the
   * size.
   */
  void time(String name, String path, int times) throws IOException, InterruptedException {
    double[] millis = new double[times];
    int size = 0;
    double first = 0;
    for (int i = -1; i < times; i++) {
      long start = System.nanoTime();
      size = get(path).length();
      double took = (System.nanoTime() - start) / 1e6;
      if (i < 0) {
        first = took;
      } else {
        millis[i] = took;
      }
    }
    Arrays.sort(millis);
    System.out.printf(
        Locale.ROOT,
        "%-26s first %7.1f ms  median %6.1f ms  p95 %6.1f ms  %6.1f kB%n",
        name,
        first,
        millis[times / 2],
        millis[(int) (times * 0.95)],
        size / 1024.0);
  }
}
