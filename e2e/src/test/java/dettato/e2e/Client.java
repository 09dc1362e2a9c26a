package dettato.e2e;

import com.google.gson.Gson;
import com.google.gson.JsonElement;
import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;

/** A script's view of the API: a session cookie and the CSRF header. */
final class Client {
  private static final Gson JSON = new Gson();
  private final CookieManager cookies = new CookieManager();
  private final HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();
  private final String address;

  Client(String address) {
    this.address = address;
  }

  /** An answer as it came. */
  record Answer(int status, String body) {
    JsonElement json() {
      return JSON.fromJson(body, JsonElement.class);
    }
  }

  void logIn() throws IOException {
    get("/api/session");
    ok(send("POST", "/api/session", "{\"username\":\"demo\",\"password\":\"demo-dettato\"}"));
  }

  JsonElement get(String path) throws IOException {
    return ok(send("GET", path, "")).json();
  }

  JsonElement put(String path, String body) throws IOException {
    return ok(send("PUT", path, body)).json();
  }

  JsonElement post(String path, String body) throws IOException {
    return ok(send("POST", path, body)).json();
  }

  /** Changes what was seen at a version. */
  JsonElement putAt(String path, long version, String body) throws IOException {
    return ok(send("PUT", path, body, "If-Match", "\"" + version + "\"")).json();
  }

  private static Answer ok(Answer answer) {
    if (answer.status >= 300) {
      throw new IllegalStateException("answered " + answer.status + " " + answer.body);
    }
    return answer;
  }

  /**
   * @param more headers, each a name and its value
   */
  Answer send(String method, String path, String body, String... more) throws IOException {
    String token =
        cookies.getCookieStore().getCookies().stream()
            .filter(c -> c.getName().equals("XSRF-TOKEN"))
            .map(HttpCookie::getValue)
            .findFirst()
            .orElse("");
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(address + path))
            .header("Content-Type", "application/json")
            .header("X-XSRF-TOKEN", token)
            .method(method, HttpRequest.BodyPublishers.ofString(body));
    for (int i = 0; i < more.length; i += 2) {
      request.header(more[i], more[i + 1]);
    }
    try {
      HttpResponse<String> answer =
          http.send(request.build(), HttpResponse.BodyHandlers.ofString());
      return new Answer(answer.statusCode(), answer.body());
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IOException(e);
    }
  }
}
