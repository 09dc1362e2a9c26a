package dettato.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** No phonetic sign is shown, on screens or on paper, unless the class chose them. */
class SoundSignsTest extends ApiCase {
  private static final Pattern SIGN = Pattern.compile("[ɪʊɛæɒʌɔɜəθðʃʒŋɡɑɚɝː]");

  /** Fields that hold sounds as data; the pages write them in the signs of the class. */
  private static final Set<String> DATA =
      Set.of(
          "phoneme",
          "phonemes",
          "sound",
          "sounds",
          "readsAs",
          "ipa",
          "id",
          "prompt",
          "heard",
          "front",
          "back",
          "contrast",
          "differs",
          "text",
          "seed",
          "asks",
          "right",
          "pls");

  private void look(String at, JsonNode node, List<String> signs) {
    if (node.isTextual() && SIGN.matcher(node.asText()).find()) {
      signs.add(at + ": " + node.asText());
    }
    node.fields()
        .forEachRemaining(
            f -> {
              if (!DATA.contains(f.getKey())) {
                look(at + "." + f.getKey(), f.getValue(), signs);
              }
            });
    if (node.isArray()) {
      node.forEach(e -> look(at, e, signs));
    }
  }

  private JsonNode as(long of, String path) throws Exception {
    return read(get(path).session(session).header("Dettato-Class", of));
  }

  private long demo() throws Exception {
    return read("/api/classes").get(0).get("id").asLong();
  }

  @Test
  void screensOfTheDemoShowNone() throws Exception {
    long of = demo();
    String of1 = "/api/classes/" + of;
    long child = read(of1).at("/pupils/0/id").asLong();
    List<String> signs = new ArrayList<>();
    for (String path :
        List.of(
            "/api/rules",
            "/api/choices",
            "/api/templates",
            of1 + "/map",
            of1 + "/findings",
            of1 + "/deck",
            of1 + "/sequence",
            of1 + "/sessions",
            of1 + "/exercises",
            of1 + "/candidates?rule=final-ch",
            of1 + "/pupils/" + child + "/leanings",
            "/api/sessions/10",
            "/api/sessions/10/papers",
            "/api/sessions/10/outlook",
            "/api/words/bridge?accent=en-GB")) {
      look(path, as(of, path), signs);
    }
    for (JsonNode attempt : as(of, "/api/sessions/10/papers").findValues("attemptId")) {
      look("attempt", as(of, "/api/attempts/" + attempt.asLong()), signs);
    }
    assertEquals(List.of(), signs);
  }

  @Test
  void sheetsOfEveryTemplateAndTheirPapersShowNone() throws Exception {
    long of = newClass("Signs");
    List<String> signs = new ArrayList<>();
    List<Map<String, Object>> about =
        List.of(rule("final-ch"), Map.of("sound", "eɪ", "graphemes", List.of("ai", "ay", "a_e")));
    for (JsonNode template : read("/api/templates")) {
      for (Map<String, Object> focus : about) {
        JsonNode made = planned(of, TODAY, template.get("id").asText(), focus);
        String path = "/api/sessions/" + made.get("id").asLong();
        look(template.get("id").asText(), as(of, path), signs);
        for (String paper : List.of("sheet", "key", "script", "cards", "home")) {
          paper(path + "/" + paper + ".pdf").forEach(signs::add);
        }
      }
    }
    assertEquals(List.of(), signs);
  }

  @Test
  void aClassThatWantsThemHasThem() throws Exception {
    long of = newClass("Dictionary");
    choose(of, "signs", "PHONETIC");
    JsonNode made =
        planned(of, TODAY, "assessment", Map.of("sound", "eɪ", "graphemes", List.of("ai", "ay")));
    JsonNode read = as(of, "/api/sessions/" + made.get("id").asLong());
    assertTrue(read.get("title").asText().startsWith("/eɪ/"), read.get("title")::asText);
  }

  private Stream<String> paper(String path) throws Exception {
    byte[] pdf =
        mvc.perform(get(path).session(session)).andReturn().getResponse().getContentAsByteArray();
    if (pdf.length == 0 || pdf[0] != '%') {
      return Stream.empty();
    }
    try (PDDocument read = Loader.loadPDF(pdf)) {
      return new PDFTextStripper()
              .getText(read)
              .lines()
              .filter(l -> SIGN.matcher(l).find())
              .map(l -> path + ": " + l)
              .toList()
              .stream();
    }
  }
}
