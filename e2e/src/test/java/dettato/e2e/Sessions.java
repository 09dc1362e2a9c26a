package dettato.e2e;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/** Sessions made over the API, for journeys that begin with one. */
final class Sessions {
  private Sessions() {}

  /**
   * A session of the demo class with one item of each of these kinds, filled by the application.
   */
  static JsonObject ofKinds(Client client, String day, List<String> kinds) throws IOException {
    JsonObject made =
        client
            .post(
                "/api/classes/1/sessions",
                "{\"date\":\"%s\",\"template\":\"dictation\",\"focus\":[{\"rule\":\"final-ch\"}],"
                        .formatted(day)
                    + "\"seed\":3}")
            .getAsJsonObject();
    JsonArray blocks = new JsonArray();
    JsonArray taken = new JsonArray();
    for (String kind : kinds) {
      JsonObject wanted = new JsonObject();
      wanted.addProperty("kind", kind);
      wanted.add("focus", made.get("focus"));
      wanted.addProperty("count", 3);
      wanted.add("without", taken);
      wanted.addProperty("seed", 1);
      JsonElement item = items(client.post("/api/classes/1/fill", wanted.toString())).get(0);
      JsonObject text = new JsonObject();
      text.add("text", item.getAsJsonObject().get("text"));
      taken.add(item.getAsJsonObject().get("text"));
      JsonObject block = new JsonObject();
      block.addProperty("kind", kind);
      JsonArray one = new JsonArray();
      one.add(text);
      block.add("items", one);
      blocks.add(block);
    }
    JsonObject plan = new JsonObject();
    plan.addProperty("date", day);
    plan.addProperty("title", "");
    plan.add("focus", made.get("focus"));
    plan.add("blocks", blocks);
    return client
        .putAt(
            "/api/sessions/" + made.get("id").getAsLong(),
            made.get("version").getAsLong(),
            plan.toString())
        .getAsJsonObject();
  }

  private static JsonArray items(JsonElement filled) {
    return filled.isJsonArray()
        ? filled.getAsJsonArray()
        : filled.getAsJsonObject().getAsJsonArray("items");
  }

  /** All that a session asks, in order. */
  static List<JsonObject> items(JsonObject session) {
    List<JsonObject> all = new ArrayList<>();
    for (JsonElement block : session.getAsJsonArray("blocks")) {
      block
          .getAsJsonObject()
          .getAsJsonArray("items")
          .forEach(item -> all.add(item.getAsJsonObject()));
    }
    return all;
  }

  /** The first answer that is right. */
  static String answer(JsonObject item) {
    return item.getAsJsonArray("answer").get(0).getAsString();
  }

  /** How many cells of papers are kept. */
  static int cells(JsonArray papers) {
    int cells = 0;
    for (JsonElement paper : papers) {
      cells += paper.getAsJsonObject().getAsJsonArray("cells").size();
    }
    return cells;
  }
}
