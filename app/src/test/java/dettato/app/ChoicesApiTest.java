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
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a class chooses is in force wherever its sessions are planned, given and counted. */
class ChoicesApiTest extends ApiCase {
  private void step(long of, int step) throws Exception {
    ObjectNode profile = (ObjectNode) read("/api/classes/" + of + "/profile");
    profile.put("step", step);
    read(write(put("/api/classes/" + of + "/profile"), json.writeValueAsString(profile)));
  }

  @Test
  void whatIsChosenIsKeptAndWhatIsNotSentStays() throws Exception {
    long of = newClass("Kept choices");
    choose(of, "counting", "FOUND");
    ObjectNode profile = (ObjectNode) read("/api/classes/" + of + "/profile");
    profile.remove("choices");
    read(write(put("/api/classes/" + of + "/profile"), json.writeValueAsString(profile)));
    assertEquals("FOUND", read("/api/classes/" + of + "/profile").at("/choices/counting").asText());
  }

  @ParameterizedTest
  @CsvSource({"pace,5,pace", "parting,LETTERS,LETTERS"})
  void whatCannotBeChosenIsSaid(String choice, String value, String says) throws Exception {
    long of = newClass("Bad " + choice);
    ObjectNode profile = (ObjectNode) read("/api/classes/" + of + "/profile");
    ((ObjectNode) profile.get("choices")).put(choice, value);
    mvc.perform(write(put("/api/classes/" + of + "/profile"), json.writeValueAsString(profile)))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString(says)));
  }

  @Test
  void theTimeToWriteFollowsThePace() throws Exception {
    long of = newClass("Slow");
    JsonNode made = plan(newSession(of, TODAY), "", "badge");
    int usual = made.at("/blocks/0/items/0/pause").asInt();
    choose(of, "pace", 200);
    assertEquals(
        2 * usual,
        read("/api/sessions/" + made.get("id").asLong()).at("/blocks/0/items/0/pause").asInt());
  }

  @Test
  void aWordIsBuiltInThePiecesThatAreChosen() throws Exception {
    long of = newClass("Pieces");
    long id = plan(newSession(of, TODAY), "", "hopping").get("id").asLong();
    String pieces = "/blocks/0/items/0/pieces";
    assertEquals("[0,1,2,3,4]", read("/api/sessions/" + id).at(pieces).toString());
    choose(of, "parting", "BASE");
    assertEquals("[0,3]", read("/api/sessions/" + id).at(pieces).toString());
    choose(of, "chunks", List.of("ing"));
    choose(of, "parting", "CHUNKS");
    assertEquals("[0,1,2,3]", read("/api/sessions/" + id).at(pieces).toString());
  }

  @Test
  void wordsByHeartAreSpelledByNameOrRinged() throws Exception {
    long of = newClass("By heart");
    JsonNode made = planned(of, TODAY, "by-heart", Map.of("irregular", true));
    JsonNode sounded = block(made, "irregular").at("/items/0");
    assertTrue(sounded.at("/drawing/says").asText().contains("ring around"), sounded.toString());
    assertTrue(sounded.get("letters") == null);
    choose(of, "byHeart", "NAMES");
    JsonNode named =
        block(read("/api/sessions/" + made.get("id").asLong()), "irregular").at("/items/0");
    assertEquals(
        named.get("text").asText().length(), named.get("letters").asText().split(", ").length);
    assertFalse(named.at("/drawing/says").asText().contains("ring around"));
  }

  @Test
  void wordsAheadAreTakenLastWithAWarningOnlyWhereThatIsChosen() throws Exception {
    long of = newClass("Ahead");
    step(of, 8);
    Map<String, Object> rule = Map.of("rule", "final-ch");
    JsonNode barred = planned(of, TODAY, "contrast", rule);
    assertFalse(barred.get("checks").toString().contains("UNTAUGHT"));
    choose(of, "ahead", "WARNED");
    JsonNode warned = planned(of, "2026-03-05", "contrast", rule);
    int before = block(barred, "words").get("items").size();
    int after = block(warned, "words").get("items").size();
    assertTrue(after > before, before + " and " + after);
    assertTrue(
        warned.get("checks").toString().contains("UNTAUGHT"), warned.get("checks").toString());
  }

  @Test
  void aSoundIsAskedInOneWayWhereThatIsChosen() throws Exception {
    long of = newClass("One way");
    choose(of, "sounds", "ONE");
    JsonNode made =
        planned(of, TODAY, "rivals", Map.of("sound", "eɪ", "graphemes", List.of("ai", "ay")));
    block(made, "sounds")
        .get("items")
        .forEach(
            i ->
                assertTrue(
                    i.get("text").asText().contains("one way")
                        || !i.get("text").asText().contains(";"),
                    i.get("text").asText()));
  }

  /** By hand: bage 8, cage 9, rane 8 of 27; bage 4 of 6, cage 5 of 5, rane 2 of 5. */
  private static final String REST = " · elements 25 of 27 · letter sequences 11 of 16";

  @Test
  void papersAreCountedAsTheClassCounts() throws Exception {
    long of = newClass("Counted");
    JsonNode made = plan(newSession(of, TODAY), "", "badge", "cage", "rain");
    long pupil = pupil(of, 0);
    type(made, pupil, made.at("/blocks/0/items/0/id").asLong(), "bage");
    type(made, pupil, made.at("/blocks/0/items/1/id").asLong(), "cage");
    type(made, pupil, made.at("/blocks/0/items/2/id").asLong(), "rane");
    String scores = "/api/sessions/" + made.get("id").asLong() + "/scores";
    JsonNode score = read(scores).get(0);
    assertEquals(pupil, score.get("pupilId").asLong());
    assertEquals("1 of 3 words right · 9 of 9 sounds written" + REST, score.get("says").asText());
    choose(of, "right", "READS_RIGHT");
    assertEquals(
        "1 of 3 words right, 1 more read right · 9 of 9 sounds written" + REST,
        read(scores).get(0).get("says").asText());
    choose(of, "right", "TARGET");
    assertEquals(
        "what it is about: 1 of 2 right · 1 of 3 words right · 9 of 9 sounds written" + REST,
        read(scores).get(0).get("says").asText());
  }

  @Test
  void lettersAndMarksAreCountedApart() throws Exception {
    long of = newClass("Marked");
    JsonNode made = planned(of, TODAY, "dictation", Map.of("rule", "split-vowel"));
    JsonNode marked =
        read(
            write(
                    put("/api/sessions/" + made.get("id").asLong()),
                    body(
                        "date",
                        TODAY,
                        "title",
                        "",
                        "focus",
                        made.get("focus"),
                        "blocks",
                        List.of(
                            Map.of(
                                "kind",
                                "mark-up",
                                "items",
                                List.of(
                                    Map.of("text", "cake"),
                                    Map.of("text", "shell"),
                                    Map.of("text", "hope"))))))
                .header("If-Match", "\"" + made.get("version").asLong() + "\""));
    long pupil = pupil(of, 0);
    String[] written = {"c a-e k", "s h e ll", "h o p"};
    for (int i = 0; i < written.length; i++) {
      type(marked, pupil, marked.at("/blocks/0/items/" + i + "/id").asLong(), written[i]);
    }
    JsonNode score =
        read("/api/sessions/" + marked.get("id").asLong() + "/scores").get(0).get("score");
    assertEquals(2, score.get("right").asInt(), "letters: cake and shell");
    assertEquals(1, score.get("marksRight").asInt(), "marks: cake");
    assertEquals(1, score.get("bothRight").asInt());
    choose(of, "right", "MARKED");
    assertTrue(
        read("/api/sessions/" + marked.get("id").asLong() + "/scores")
            .get(0)
            .get("says")
            .asText()
            .startsWith("1 of 3 right and marked right · 2 of 3 words right"));
    String csv =
        doing(get("/api/sessions/" + marked.get("id").asLong() + "/scores.csv").session(session))
            .andReturn()
            .getResponse()
            .getContentAsString();
    assertTrue(csv.lines().skip(1).findFirst().orElse("").startsWith("Ada,3,2,0,"), csv);
    assertTrue(csv.contains(",3,1,1,"), csv);
  }

  @Test
  void aWordThatTheTeacherDoesNotCountIsNoWord() throws Exception {
    long of = newClass("Not counted");
    JsonNode made = plan(newSession(of, TODAY), "", "badge", "cage");
    long pupil = pupil(of, 0);
    JsonNode cell = type(made, pupil, made.at("/blocks/0/items/0/id").asLong(), "bage");
    type(made, pupil, made.at("/blocks/0/items/1/id").asLong(), "cage");
    read(
        write(
            put("/api/attempts/" + cell.get("attemptId").asLong() + "/override"),
            body("result", "BLANK", "note", "")));
    JsonNode score =
        read("/api/sessions/" + made.get("id").asLong() + "/scores").get(0).get("score");
    assertEquals(1, score.get("words").asInt());
    assertEquals(1, score.get("right").asInt());
  }

  @Test
  void aChildHasMoreTime() throws Exception {
    long of = newClass("More time");
    long pupil = pupil(of, 0);
    JsonNode all =
        read(
            write(put("/api/classes/" + of + "/pupils/" + pupil + "/time"), body("extraTime", 50)));
    assertEquals(50, all.get(0).get("extraTime").asInt());
    mvc.perform(
            write(put("/api/classes/" + of + "/pupils/" + pupil + "/time"), body("extraTime", -1)))
        .andExpect(status().isBadRequest());
  }
}
