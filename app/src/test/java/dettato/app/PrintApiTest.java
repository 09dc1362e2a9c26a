package dettato.app;

import static org.hamcrest.Matchers.containsString;
import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Sessions on paper: what can be read of the PDF, how large it is, for whom it is. */
class PrintApiTest extends ApiCase {
  private static final int A4_WIDTH = 595;
  private static final int LETTER_WIDTH = 612;

  private byte[] pdf(long session, String paper) throws Exception {
    return mvc.perform(get("/api/sessions/" + session + "/" + paper).session(this.session))
        .andExpect(status().isOk())
        .andReturn()
        .getResponse()
        .getContentAsByteArray();
  }

  private static String text(byte[] pdf) throws IOException {
    try (PDDocument read = Loader.loadPDF(pdf)) {
      return new PDFTextStripper().getText(read);
    }
  }

  private JsonNode contrast(long of) throws Exception {
    return planned(of, TODAY, "contrast", Map.of("rule", "final-ch"));
  }

  @ParameterizedTest
  @ValueSource(strings = {"sheet", "key", "script", "cards", "home"})
  void everyPaperIsSetInItsOwnFaceAndSaysNothingOfChildren(String paper) throws Exception {
    JsonNode made = contrast(newClass("Printed " + paper));
    byte[] pdf = pdf(made.get("id").asLong(), paper + ".pdf");
    Set<String> faces = new HashSet<>();
    try (PDDocument read = Loader.loadPDF(pdf)) {
      for (PDPage page : read.getPages()) {
        assertEquals(A4_WIDTH, (int) page.getMediaBox().getWidth());
        for (var name : page.getResources().getFontNames()) {
          PDFont font = page.getResources().getFont(name);
          assertTrue(font.isEmbedded(), font.getName());
          faces.add(font.getName().replaceAll("^[A-Z]{6}\\+", ""));
        }
      }
    }
    assertTrue(faces.stream().allMatch(f -> f.startsWith("Andika")), faces.toString());
    assertFalse(text(pdf).contains("Ada"), "no child is named unless it is asked for");
    assertArrayEquals(pdf, pdf(made.get("id").asLong(), paper + ".pdf"), "the same bytes again");
  }

  @Test
  void theKeyHasEveryWordWithItsReasonAndWhatTheMarksMean() throws Exception {
    long of = newClass("Key");
    choose(of, "signs", "PHONETIC");
    JsonNode made = contrast(of);
    String key = text(pdf(made.get("id").asLong(), "key.pdf"));
    for (JsonNode item : block(made, "words").get("items")) {
      assertTrue(
          key.contains(item.get("text").asText()), item.get("text").asText() + " in\n" + key);
    }
    assertTrue(key.contains("/tʃ/"), "IPA can be searched");
    assertTrue(key.contains("each sound"), "the legend");
  }

  @Test
  void theScriptSaysTheClueTheCountAndThePause() throws Exception {
    JsonNode made = contrast(newClass("Script"));
    JsonNode word = block(made, "words").at("/items/0");
    String script =
        text(pdf(made.get("id").asLong(), "script.pdf")).replaceAll("[\\s\\u00a0]+", " ");
    assertTrue(script.contains(word.get("clue").asText().substring(1)), script);
    assertTrue(script.contains(word.get("pause").asInt() + " s to write"), script);
    assertTrue(script.contains("you say how many sounds"), script);
  }

  @Test
  void eachChildHasASheetWithItsNameAndNoAnswer() throws Exception {
    long of = newClass("Named");
    JsonNode made = contrast(of);
    byte[] pdf = pdf(made.get("id").asLong(), "sheet.pdf?names=true&size=LETTER&type=LARGE");
    String sheet = text(pdf);
    for (JsonNode child : read("/api/classes/" + of + "/pupils")) {
      assertTrue(sheet.contains(child.get("name").asText()), sheet);
    }
    block(made, "words")
        .get("items")
        .forEach(i -> assertFalse(sheet.contains(i.get("text").asText()), "the sheet tells it"));
    try (PDDocument read = Loader.loadPDF(pdf)) {
      assertEquals(LETTER_WIDTH, (int) read.getPage(0).getMediaBox().getWidth());
      assertTrue(read.getNumberOfPages() >= read("/api/classes/" + of + "/pupils").size());
    }
  }

  @Test
  void twoShortSheetsStandOnAPage() throws Exception {
    JsonNode made = plan(newSession(newClass("Two"), TODAY), "", "badge", "cage", "ridge");
    long id = made.get("id").asLong();
    try (PDDocument one = Loader.loadPDF(pdf(id, "sheet.pdf"));
        PDDocument two = Loader.loadPDF(pdf(id, "sheet.pdf?two=true"))) {
      assertEquals(1, one.getNumberOfPages());
      assertEquals(1, two.getNumberOfPages());
      assertEquals(2, new PDFTextStripper().getText(two).split("Name").length - 1);
    }
  }

  @Test
  void inventedWordsAreMarkedAsInvented() throws Exception {
    long of = newClass("Invented");
    JsonNode made = planned(of, TODAY, "contrast", Map.of("rule", "final-k"));
    ObjectNode plan = (ObjectNode) read("/api/sessions/" + made.get("id").asLong());
    JsonNode changed = planWith(plan, "made-up", "plonk");
    for (String paper : new String[] {"key", "cards", "home"}) {
      String said = text(pdf(changed.get("id").asLong(), paper + ".pdf"));
      assertTrue(said.contains("no real word"), paper + ": " + said);
    }
  }

  private JsonNode planWith(JsonNode made, String kind, String word) throws Exception {
    return read(
        write(
                put("/api/sessions/" + made.get("id").asLong()),
                json.writeValueAsString(
                    Map.of(
                        "date",
                        made.get("date").asText(),
                        "title",
                        "",
                        "focus",
                        made.get("focus"),
                        "blocks",
                        java.util.List.of(
                            Map.of(
                                "kind", kind, "items", java.util.List.of(Map.of("text", word)))))))
            .header("If-Match", "\"" + made.get("version").asLong() + "\""));
  }

  @Test
  void whatIsNotThereIsSaid() throws Exception {
    long id = contrast(newClass("Missing")).get("id").asLong();
    mvc.perform(get("/api/sessions/" + id + "/poster.pdf").session(session))
        .andExpect(status().isNotFound());
    mvc.perform(get("/api/sessions/" + id + "/sheet.pdf?size=A3").session(session))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString("size")));
  }

  @Test
  void aChunkThatIsNoneIsSaidSoWhenMarksAreDrawn() throws Exception {
    String wanted =
        "{\"accent\":\"en-GB\",\"notation\":{\"signs\":{\"CHUNK\":\"BOX\"}},"
            + "\"chunks\":%s,\"words\":[\"singing\"]}";
    mvc.perform(write(post("/api/notation/preview"), wanted.formatted("[\"\"]")))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.words[0].drawing.says").value(""));
    mvc.perform(write(post("/api/notation/preview"), wanted.formatted("[\"ing\",\"\"]")))
        .andExpect(jsonPath("$.words[0].drawing.says", containsString("ing")));
    mvc.perform(write(post("/api/notation/preview"), wanted.formatted("[\"1\"]")))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString("'1' is no chunk")));
  }

  @Test
  void aShapeWithTwoMeaningsIsAskedAboutAndNothingIsKept() throws Exception {
    long of = newClass("Two meanings");
    ObjectNode profile = (ObjectNode) read("/api/classes/" + of + "/profile");
    ObjectNode signs = (ObjectNode) profile.at("/choices/notation/signs");
    signs.put("DOUBLE", "RING").put("IRREGULAR", "RING");
    mvc.perform(write(put("/api/classes/" + of + "/profile"), json.writeValueAsString(profile)))
        .andExpect(status().isBadRequest())
        .andExpect(
            jsonPath(
                "$.detail",
                containsString(
                    "the ring would mean both a doubled consonant and the part to know by heart")));
    assertTrue(
        read("/api/classes/" + of + "/profile")
            .at("/choices/notation/signs/DOUBLE")
            .isMissingNode());
    signs.put("IRREGULAR", "BOX");
    read(write(put("/api/classes/" + of + "/profile"), json.writeValueAsString(profile)));
    assertEquals(
        "RING",
        read("/api/classes/" + of + "/profile").at("/choices/notation/signs/DOUBLE").asText());
    JsonNode drawn =
        read(
            write(
                post("/api/notation/preview"),
                json.writeValueAsString(
                    Map.of(
                        "accent", "en-GB",
                        "notation", Map.of("signs", signs),
                        "chunks", java.util.List.of(),
                        "words", java.util.List.of("bell")))));
    assertTrue(
        drawn.at("/words/0/drawing/says").asText().contains("ring around ll"), drawn.toString());
  }

  @Test
  void markedPapersSayWhatWasWrittenAndOneThingToWorkOn() throws Exception {
    long of = newClass("Marked papers");
    JsonNode session = plan(newSession(of, TODAY), "The gull sat.", "badge", "cage", "ledge");
    long id = session.get("id").asLong();
    assertTrue(text(pdf(id, "marked.pdf")).contains("Nothing is entered yet"));
    String[] written = {"bage", "cage", "lege"};
    for (int i = 0; i < written.length; i++) {
      type(session, pupil(of, 0), session.at("/blocks/0/items/" + i + "/id").asLong(), written[i]);
    }
    String marked = text(pdf(id, "marked.pdf")).replaceAll("\\s+", " ");
    assertTrue(marked.contains("Ada") && marked.contains("bage") && marked.contains("✓"), marked);
    assertFalse(marked.contains("Bea"), "nothing stands on her paper");
    assertTrue(marked.contains("One thing to work on"), marked);
    assertTrue(marked.contains("Words to write again"), marked);
    assertTrue(marked.contains("1 of 3 right"), marked);
  }
}
