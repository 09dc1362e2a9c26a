package dettato.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.google.gson.JsonElement;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.stream.StreamSupport;
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
      String session = "/api/sessions/" + planned(typing);
      List<Long> pupils =
          each(typing.get(session + "/papers")).stream()
              .map(p -> p.getAsJsonObject().getAsJsonObject("pupil").get("id").getAsLong())
              .toList();
      List<Long> items =
          each(typing.get(session).getAsJsonObject().get("blocks")).stream()
              .flatMap(b -> each(b.getAsJsonObject().get("items")).stream())
              .map(i -> i.getAsJsonObject().get("id").getAsLong())
              .toList();
      List<String> acknowledged = new ArrayList<>();
      CountDownLatch enough = new CountDownLatch(BEFORE_THE_KILL);
      Thread typist =
          new Thread(() -> type(typing, session, pupils, items, acknowledged, enough), "typist");
      typist.start();
      enough.await();
      server.killAndRestart();
      typist.join();
      Client after = new Client(server.address());
      after.logIn();
      String kept = after.get(session + "/papers").toString();
      assertTrue(acknowledged.size() >= BEFORE_THE_KILL);
      assertEquals(
          List.of(), acknowledged.stream().filter(w -> !kept.contains("\"" + w + "\"")).toList());
    }
  }

  /** The demo's session that is planned and not given. */
  private static long planned(Client client) throws IOException {
    return each(client.get("/api/classes/1/sessions")).stream()
        .map(JsonElement::getAsJsonObject)
        .filter(s -> s.get("state").getAsString().equals("PLANNED"))
        .findFirst()
        .orElseThrow()
        .get("id")
        .getAsLong();
  }

  private static List<JsonElement> each(JsonElement array) {
    return StreamSupport.stream(array.getAsJsonArray().spliterator(), false).toList();
  }

  /** Types until the server is gone, noting each attempt only once it is acknowledged. */
  private static void type(
      Client client,
      String session,
      List<Long> pupils,
      List<Long> items,
      List<String> acknowledged,
      CountDownLatch enough) {
    try {
      for (long pupil : pupils) {
        for (long item : items) {
          String written = "w" + letters(pupil) + "x" + letters(item);
          client.put(
              session + "/papers/" + pupil + "/items/" + item,
              "{\"written\":\"%s\",\"state\":\"WRITTEN\"}".formatted(written));
          acknowledged.add(written);
          enough.countDown();
        }
      }
    } catch (IOException gone) {
      return;
    }
  }

  private static String letters(long n) {
    StringBuilder text = new StringBuilder();
    for (char digit : String.valueOf(n).toCharArray()) {
      text.append((char) ('a' + digit - '0'));
    }
    return text.toString();
  }
}
