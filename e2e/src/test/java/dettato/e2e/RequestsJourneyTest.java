package dettato.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import com.microsoft.playwright.Request;
import java.net.URI;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** No screen asks for the same thing twice while it opens. */
class RequestsJourneyTest extends Journey {
  /** How long a screen that has drawn itself is listened to, in milliseconds. */
  private static final int LISTENED = 1_500;

  @ParameterizedTest
  @ValueSource(
      strings = {
        "/class/1/week",
        "/class/1/prepare/11",
        "/class/1/print/11",
        "/class/1/dictate/11",
        "/class/1/mark/10",
        "/class/1/respond",
        "/class/1/rules",
        "/class/1/sounds",
        "/class/1/words",
        "/class/1/texts",
        "/class/1/texts?view=exercises",
        "/class/1/deck",
        "/class/1/class",
        "/write"
      })
  void nothingIsAskedTwice(String path) {
    // What an earlier screen still asks for is not this one's.
    page.navigate("about:blank");
    List<String> asked = new ArrayList<>();
    Consumer<Request> note =
        request -> {
          URI to = URI.create(request.url().replace("|", "%7C"));
          if (to.getPath().startsWith("/api/")) {
            asked.add(request.method() + " " + to.getRawPath() + "?" + to.getRawQuery());
          }
        };
    page.onRequest(note);
    window.open(path);
    page.locator("main").waitFor();
    page.waitForTimeout(LISTENED);
    page.offRequest(note);
    List<String> twice = new ArrayList<>(asked);
    Set<String> seen = new HashSet<>();
    twice.removeIf(seen::add);
    assertEquals(List.of(), twice, path);
    assertFalse(asked.isEmpty() && !path.equals("/write"), path + " asked for nothing");
  }
}
