package dettato.app;

import static org.hamcrest.Matchers.containsString;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** What a class calls things is said so on its screens and papers; what is dictated stays. */
class TermsApiTest extends ApiCase {
  private static final Map<String, String> WORDS =
      Map.of("beat", "syllable", "base", "root", "ending", "suffix", "irregular", "tricky");

  private ObjectNode profileWith(long of, Map<String, String> terms) throws Exception {
    ObjectNode profile = (ObjectNode) read("/api/classes/" + of + "/profile");
    ((ObjectNode) profile.get("choices")).set("terms", json.valueToTree(terms));
    return profile;
  }

  private long classWith(String name, Map<String, String> terms) throws Exception {
    long of = newClass(name);
    read(
        write(
            put("/api/classes/" + of + "/profile"),
            json.writeValueAsString(profileWith(of, terms))));
    return of;
  }

  private JsonNode rule(Object of, String id) throws Exception {
    for (JsonNode rule : read(get("/api/rules").session(session).header("Dettato-Class", of))) {
      if (rule.get("id").asText().equals(id)) {
        return rule;
      }
    }
    throw new AssertionError(id);
  }

  @Test
  void rulesAreSaidInTheWordsOfTheClassThatIsNamed() throws Exception {
    long of = classWith("Called otherwise", WORDS);
    assertEquals("e dropped or kept before a suffix", rule(of, "drop-e").get("name").asText());
    assertTrue(rule(of, "double-before-ending").get("says").asText().contains("one-syllable root"));
    long plain = newClass("Plain");
    for (Object other : new Object[] {plain, "none", 999_999_999}) {
      assertEquals(
          "e dropped or kept before an ending", rule(other, "drop-e").get("name").asText());
    }
  }

  @Test
  void anotherTeachersClassIsNotAsked() throws Exception {
    long of = classWith("Not hers", WORDS);
    JsonNode rules =
        json.readTree(
            mvc.perform(get("/api/rules").header("Dettato-Class", of).session(otherTeacher()))
                .andReturn()
                .getResponse()
                .getContentAsString());
    assertFalse(rules.toString().contains("suffix"));
  }

  @Test
  void aSheetIsSaidSoAndWhatIsTypedOnItIsNot() throws Exception {
    long of = classWith("Sheet", WORDS);
    JsonNode made = planned(of, TODAY, "joins", Map.of("rule", "double-before-ending"));
    String path = "/api/sessions/" + made.get("id").asLong();
    JsonNode said = read(get(path).session(session).header("Dettato-Class", of));
    assertTrue(said.toString().contains("Root and suffix"), said.toString());
    ObjectNode plan = json.createObjectNode();
    plan.set("date", said.get("date"));
    plan.put("title", "My tricky words and endings");
    plan.set("focus", said.get("focus"));
    var blocks = plan.putArray("blocks");
    for (JsonNode block : said.get("blocks")) {
      ObjectNode one = blocks.addObject();
      one.set("id", block.get("id"));
      one.set("kind", block.get("kind"));
      one.set("title", block.get("title"));
      var items = one.putArray("items");
      block.get("items").forEach(i -> items.addObject().set("text", i.get("text")));
    }
    JsonNode kept =
        json.readTree(
            doing(
                    write(put(path), json.writeValueAsString(plan))
                        .header("Dettato-Class", of)
                        .header("If-Match", "\"" + said.get("version").asLong() + "\""))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
    assertEquals("My tricky words and endings", kept.get("title").asText(), "as it was typed");
    assertTrue(read(path).toString().contains("Root and suffix"), "whoever asks for it");
    assertEquals(texts(said), texts(kept), "what is dictated is never changed");
  }

  @Test
  void papersAreSaidSo() throws Exception {
    long of = classWith("On paper", WORDS);
    JsonNode made = planned(of, TODAY, "joins", Map.of("rule", "double-before-ending"));
    byte[] pdf =
        doing(get("/api/sessions/" + made.get("id").asLong() + "/key.pdf").session(session))
            .andReturn()
            .getResponse()
            .getContentAsByteArray();
    try (PDDocument read = Loader.loadPDF(pdf)) {
      String text = new PDFTextStripper().getText(read).replaceAll("\\s+", " ");
      assertTrue(text.contains("Root and suffix"), text);
      assertFalse(text.matches(".*\\b(base|ending)\\b.*"), text);
    }
  }

  @Test
  void aWordLeftEmptyIsAskedForAndNothingIsChanged() throws Exception {
    long of = classWith("Empty", WORDS);
    doing(
            write(
                put("/api/classes/" + of + "/profile"),
                json.writeValueAsString(profileWith(of, Map.of("full-stop", "")))))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString("no word for the full stop")));
    assertEquals(
        "syllable", read("/api/classes/" + of + "/profile").at("/choices/terms/beat").asText());
  }

  /** What a teacher types is hers, whatever her class calls things: on the screen, kept, copied. */
  @Test
  void aTitleThatIsTypedStaysLetterByLetter() throws Exception {
    long of = classWith("Typed titles", Map.of("ending", "suffix", "base", "root"));
    JsonNode made = planned(of, TODAY, "joins", Map.of("rule", "double-before-ending"));
    String path = "/api/sessions/" + made.get("id").asLong();
    assertEquals("doubling before a suffix", made.get("title").asText());
    String usual = made.at("/blocks/0/title").asText();
    JsonNode typed = retitled(of, made, "A happy ending", "Root vegetables");
    assertEquals("A happy ending", typed.get("title").asText());
    assertEquals("Root vegetables", typed.at("/blocks/0/title").asText());
    JsonNode plain = read(get(path).session(session));
    assertEquals("A happy ending", plain.get("title").asText());
    assertEquals("Root vegetables", plain.at("/blocks/0/title").asText());
    JsonNode list = read("/api/classes/" + of + "/sessions").get(0);
    assertEquals("A happy ending", list.get("title").asText());
    assertEquals("Root vegetables", list.at("/blocks/0/title").asText());
    JsonNode back = retitled(of, plain, "doubling before a suffix", usual);
    ObjectNode others = profileWith(of, Map.of("ending", "word end", "base", "root"));
    read(write(put("/api/classes/" + of + "/profile"), json.writeValueAsString(others)));
    assertEquals("doubling before a suffix", back.get("title").asText());
    assertEquals(
        "doubling before a word end", read(path).get("title").asText(), "as it was made again");
  }

  private JsonNode retitled(long of, JsonNode made, String title, String block) throws Exception {
    ObjectNode plan = json.createObjectNode();
    plan.set("date", made.get("date"));
    plan.put("title", title);
    plan.set("focus", made.get("focus"));
    plan.set("blocks", made.get("blocks").deepCopy());
    for (JsonNode one : plan.get("blocks")) {
      ((ObjectNode) one).retain("id", "kind", "title", "role", "items");
      one.get("items").forEach(i -> ((ObjectNode) i).retain("id", "text", "role"));
    }
    ((ObjectNode) plan.at("/blocks/0")).put("title", block);
    return read(
        write(put("/api/sessions/" + made.get("id").asLong()), json.writeValueAsString(plan))
            .header("If-Match", "\"" + made.get("version").asLong() + "\"")
            .header("Dettato-Class", of));
  }
}
