package dettato.e2e;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * Sixty sentences as children write them, typed through the grid by ten children; what is kept of
 * each beside what the preview says of the same. Run by {@code bin/measure --sentences}.
 */
public final class SentencesMeasure {
  private static final List<String> SENTENCES =
      List.of(
          "The gull sat on the ledge.",
          "Did you see the old boat?",
          "A crab hid under my bucket.",
          "We rowed past the lighthouse on Monday.",
          "Can Orla bring the lamp?",
          "The kitten slept in a basket.");
  private static final int CHILDREN = 10;

  private SentencesMeasure() {}

  /**
   * @param args the address of a server with demo data
   */
  public static void main(String[] args) throws IOException {
    Client client = new Client(args[0]);
    client.logIn();
    JsonObject session = session(client);
    List<List<String>> written = new ArrayList<>();
    for (int child = 0; child < CHILDREN; child++) {
      int way = child;
      written.add(SENTENCES.stream().map(s -> as(s, way)).toList());
    }
    type(args[0], session.get("id").getAsString(), written);
    List<String> apart = new ArrayList<>();
    int same = 0;
    JsonArray papers =
        client.get("/api/sessions/" + session.get("id").getAsLong() + "/papers").getAsJsonArray();
    for (int child = 0; child < CHILDREN; child++) {
      JsonArray cells = papers.get(child).getAsJsonObject().getAsJsonArray("cells");
      for (int i = 0; i < SENTENCES.size(); i++) {
        String typed = written.get(child).get(i);
        JsonObject cell = cells.get(i).getAsJsonObject();
        JsonElement preview = preview(client, SENTENCES.get(i), typed);
        boolean equal =
            cell.get("written").getAsString().equals(typed)
                && told(cell.get("sentence")).equals(told(preview));
        same += equal ? 1 : 0;
        if (!equal) {
          apart.add(
              typed + "\n  grid    " + told(cell.get("sentence")) + "\n  preview " + told(preview));
        }
      }
    }
    System.out.printf(
        "%d of %d sentences typed through the grid are marked as the preview marks them%n",
        same, CHILDREN * SENTENCES.size());
    apart.forEach(System.out::println);
  }

  /** Each word with its kind and result, then each convention with its outcome. */
  private static String told(JsonElement sentence) {
    StringBuilder text = new StringBuilder();
    for (JsonElement one : sentence.getAsJsonObject().getAsJsonArray("words")) {
      JsonObject word = one.getAsJsonObject();
      text.append(word.get("target")).append('=').append(word.get("written"));
      text.append(' ').append(word.get("kind")).append(' ');
      if (word.has("mark") && word.get("mark").isJsonObject()) {
        JsonObject mark = word.getAsJsonObject("mark");
        text.append(mark.get("result")).append(mark.get("units"));
      }
      text.append("; ");
    }
    for (JsonElement one : sentence.getAsJsonObject().getAsJsonArray("conventions")) {
      JsonObject convention = one.getAsJsonObject();
      text.append(convention.get("rule")).append('=').append(convention.get("outcome"));
      text.append(' ');
    }
    return text.toString();
  }

  private static JsonElement preview(Client client, String target, String attempt)
      throws IOException {
    JsonObject asked = new JsonObject();
    asked.addProperty("accent", "en-GB");
    asked.addProperty("target", target);
    asked.addProperty("attempt", attempt);
    return client.post("/api/marking/preview-sentence", asked.toString());
  }

  private static JsonObject session(Client client) throws IOException {
    JsonObject made =
        client
            .post(
                "/api/classes/1/sessions",
                "{\"date\":\"2026-07-17\",\"template\":\"dictation\",\"focus\":[{\"rule\":\"final-j\"}]}")
            .getAsJsonObject();
    String items =
        SENTENCES.stream()
            .map(s -> "{\"text\":\"" + s + "\"}")
            .collect(Collectors.joining(",", "[", "]"));
    return client
        .putAt(
            "/api/sessions/" + made.get("id").getAsLong(),
            made.get("version").getAsLong(),
            "{\"date\":\"2026-07-17\",\"title\":\"\",\"focus\":[{\"rule\":\"final-j\"}],\"blocks\":"
                + "[{\"kind\":\"sentence\",\"items\":"
                + items
                + "}]}")
        .getAsJsonObject();
  }

  /** A sentence as one of ten children writes it. */
  private static String as(String sentence, int way) {
    List<String> words = new ArrayList<>(Arrays.asList(sentence.split(" ")));
    String last = words.get(words.size() - 1);
    switch (way) {
      case 1 -> words.set(0, words.get(0).toLowerCase(Locale.ROOT));
      case 2 -> words.set(words.size() - 1, last.substring(0, last.length() - 1));
      case 3 -> words.remove(2);
      case 4 -> words.set(1, words.get(1) + words.remove(2));
      case 5 -> words.add(2, words.get(2));
      case 6 -> Collections.swap(words, 1, 2);
      case 7 -> words.replaceAll(w -> w.replaceFirst("([a-z])\\1", "$1"));
      case 8 ->
          words.replaceAll(w -> w.toUpperCase(Locale.ROOT).equals(w) ? w : w.replace("e", ""));
      case 9 -> words.set(words.size() - 1, last.substring(0, last.length() - 1) + "!");
      default -> {}
    }
    return String.join(" ", words);
  }

  private static void type(String address, String session, List<List<String>> written) {
    try (Window window = new Window(address)) {
      Page page = window.page;
      window.logIn();
      page.navigate(address + "/class/1/mark/" + session + "?at=1.1");
      page.getByLabel("Papers and words").waitFor();
      for (List<String> paper : written) {
        for (String sentence : paper) {
          page.keyboard().type(sentence);
          page.keyboard().press("Enter");
        }
      }
      page.waitForTimeout(2000);
    }
  }
}
