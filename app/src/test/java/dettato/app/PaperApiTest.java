package dettato.app;

import static org.hamcrest.Matchers.containsString;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** Papers as they are typed, and the teacher's own word on them. */
class PaperApiTest extends ApiCase {
  @Autowired private JdbcTemplate jdbc;
  private long of;
  private JsonNode planned;
  private long ada;
  private long badge;
  private long cage;
  private long sentence;

  @BeforeEach
  void aSessionOfTwoWordsAndASentence() throws Exception {
    of = newClass("Papers");
    planned = plan(newSession(of, TODAY), "The gull sat on the ledge.", "badge", "cage");
    ada = pupil(of, 0);
    badge = planned.at("/blocks/0/items/0/id").asLong();
    cage = planned.at("/blocks/0/items/1/id").asLong();
    sentence = planned.at("/blocks/1/items/0/id").asLong();
  }

  private JsonNode papers() throws Exception {
    return read("/api/sessions/" + planned.get("id").asLong() + "/papers");
  }

  private String typed(String written, Long version) throws Exception {
    return body("written", written, "state", "WRITTEN", "version", version);
  }

  private void away(String state, int answer) throws Exception {
    mvc.perform(
            write(
                put("/api/sessions/" + planned.get("id").asLong() + "/papers/" + ada),
                body("state", state)))
        .andExpect(status().is(answer));
  }

  @Test
  void aWordIsMarkedAndExplainedAsItIsTypedAndReadBackAlike() throws Exception {
    JsonNode cell = type(planned, ada, badge, " bage ");
    assertEquals("READS_OTHERWISE", cell.get("result").asText());
    assertEquals("bage", cell.get("written").asText());
    assertTrue(cell.at("/mark/facts/0/says").asText().contains("written dge"));
    JsonNode read = papers().get(0).get("cells").get(0);
    assertEquals("READS_OTHERWISE", read.at("/mark/result").asText());
    assertEquals("ge", read.at("/mark/units/2/written").asText());
    assertEquals("dʒ", read.at("/mark/units/2/phoneme").asText());
    assertEquals("UNDER", read.at("/mark/rules/0/outcome").asText());
    assertTrue(read.at("/mark/facts").isMissingNode());
    JsonNode opened = read("/api/attempts/" + cell.get("attemptId").asLong());
    assertEquals(cell.get("mark"), opened.get("mark"));
  }

  @Test
  void aSentenceIsMarkedByWordsAndConventions() throws Exception {
    JsonNode cell = type(planned, ada, sentence, "the gull sat on the lege");
    assertEquals(6, cell.at("/sentence/asked").asInt());
    assertEquals(5, cell.at("/sentence/right").asInt());
    assertEquals(2, cell.at("/sentence/signsOff").asInt());
    assertEquals("capital-start", cell.at("/sentence/conventions/0/rule").asText());
    assertEquals("MATCH", cell.at("/sentence/words/5/kind").asText());
    assertTrue(cell.at("/sentence/words/5/mark/facts/0/says").asText().contains("dge"));
    JsonNode read = papers().get(0).get("cells").get(0);
    assertEquals(5, read.at("/sentence/right").asInt());
    assertTrue(csv(of).contains("final-j=UNDER"), csv(of));
    assertTrue(csv(of).contains("end-mark=UNDER"), csv(of));
  }

  @Test
  void wordsOfASentenceAreEvidence() throws Exception {
    type(planned, ada, sentence, "The gull sat on the lege.");
    type(planned, ada, badge, "bage");
    JsonNode second = plan(newSession(of, TODAY), "", "fudge");
    type(second, ada, second.at("/blocks/0/items/0/id").asLong(), "fuge");
    JsonNode finding = read("/api/classes/" + of + "/findings").at("/findings/0");
    assertEquals("final-j", finding.get("rule").asText());
    assertEquals(3, finding.get("failures").asInt());
    assertTrue(finding.get("evidence").toString().contains("\"ledge\",\"attempt\":\"lege\""));
  }

  @ParameterizedTest(name = "{0}")
  @CsvSource({"BLANK, BLANK", "UNSURE, ''"})
  void aCellMayBeBlankOrUnsure(String state, String result) throws Exception {
    JsonNode cell =
        read(write(put(cell(planned, ada, badge)), body("written", "ba", "state", state)));
    assertEquals(state, cell.get("state").asText());
    assertEquals(result, cell.path("result").asText("").replace("null", ""));
    assertEquals(state.equals("BLANK") ? "" : "ba", cell.get("written").asText());
  }

  @Test
  void aCellThatIsEmptiedIsNotDone() throws Exception {
    type(planned, ada, badge, "bage");
    type(planned, ada, cage, "cage");
    type(planned, ada, sentence, "The gull sat on the ledge.");
    assertEquals(1, marked());
    JsonNode emptied = type(planned, ada, badge, "");
    assertEquals("EMPTY", emptied.get("state").asText());
    assertEquals(0, marked());
    assertFalse(csv(of).contains("badge"));
  }

  private int marked() throws Exception {
    return read("/api/classes/" + of + "/sessions").get(0).get("marked").asInt();
  }

  @Test
  void aWriteThatSawSomethingElseIsRefusedAndShownWhatStandsThere() throws Exception {
    JsonNode first = read(write(put(cell(planned, ada, badge)), typed("bage", 0L)));
    mvc.perform(write(put(cell(planned, ada, badge)), typed("badge", 0L)))
        .andExpect(status().isConflict())
        .andExpect(jsonPath("$.current.written").value("bage"))
        .andExpect(jsonPath("$.current.version").value(first.get("version").asLong()));
    read(write(put(cell(planned, ada, badge)), typed("badge", first.get("version").asLong())));
    assertEquals("badge", papers().at("/0/cells/0/written").asText());
  }

  @Test
  void theSameTextSentAgainIsNoQuarrel() throws Exception {
    JsonNode first = read(write(put(cell(planned, ada, badge)), typed("bage", 0L)));
    JsonNode again = read(write(put(cell(planned, ada, badge)), typed("bage", 0L)));
    assertEquals(first.get("version"), again.get("version"));
  }

  @Test
  void aCorrectionStandsBesideTheFirstAttempt() throws Exception {
    type(planned, ada, badge, "bage");
    JsonNode cell =
        read(
            write(
                put(cell(planned, ada, badge)),
                body("written", "bage", "state", "WRITTEN", "corrected", "badge")));
    assertEquals("badge", cell.get("corrected").asText());
    assertEquals("READS_OTHERWISE", cell.get("result").asText());
    assertEquals("badge", type(planned, ada, badge, "bag").get("corrected").asText());
  }

  @Test
  void awayIsSaidOfAPaperAndTakenBackByTyping() throws Exception {
    away("AWAY", 204);
    assertEquals("AWAY", papers().at("/0/state").asText());
    type(planned, ada, badge, "badge");
    assertEquals("HERE", papers().at("/0/state").asText());
    away("AWAY", 409);
    type(planned, ada, badge, "");
    away("AWAY", 204);
    away("HERE", 204);
    assertEquals("HERE", papers().at("/0/state").asText());
  }

  @Test
  void herOwnJudgementHoldsForTheTextSheJudgedAndStaysInTheLog() throws Exception {
    JsonNode cell = type(planned, ada, badge, "bage");
    String path = "/api/attempts/" + cell.get("attemptId").asLong() + "/override";
    JsonNode right = read(write(put(path), "{\"result\":\"RIGHT\",\"note\":\"agreed\"}"));
    assertEquals("RIGHT", right.get("override").asText());
    assertTrue(csv(of).contains("badge,bage,RIGHT,final-j=APPLIED"), csv(of));
    assertEquals("RIGHT", papers().at("/0/cells/0/override").asText());
    JsonNode other = type(planned, ada, badge, "bags");
    assertTrue(other.path("override").isNull(), "it judged another text");
    JsonNode back = type(planned, ada, badge, "bage");
    assertEquals("RIGHT", back.get("override").asText());
    JsonNode withdrawn = read(write(delete(path), ""));
    assertTrue(withdrawn.path("override").isNull());
    assertTrue(csv(of).contains("badge,bage,READS_OTHERWISE,final-j=UNDER"), csv(of));
    read(write(put(path), "{\"result\":\"ABSENT\",\"note\":\"smudged\"}"));
    assertTrue(csv(of).contains("badge,bage,ABSENT,\r"), csv(of));
    type(planned, ada, badge, "");
    Integer logged =
        jdbc.queryForObject(
            "select count(*) from override_log where attempt_id = ?",
            Integer.class,
            cell.get("attemptId").asLong());
    assertEquals(2, logged);
  }

  @Test
  void saysWhatIsNotThere() throws Exception {
    mvc.perform(write(put(cell(planned, ada, 999_999)), typed("x", null)))
        .andExpect(status().isNotFound())
        .andExpect(jsonPath("$.detail", containsString("no item 999999")));
    mvc.perform(write(put(cell(planned, 999_999, badge)), typed("x", null)))
        .andExpect(status().isNotFound())
        .andExpect(jsonPath("$.detail", containsString("no child 999999")));
    mvc.perform(write(put(cell(planned, ada, badge)), typed("x".repeat(401), null)))
        .andExpect(status().isBadRequest());
  }

  /** Graphemes of a sound are marked, and are no words of the child's. */
  @Test
  void partsOfAnAnswerAreNoWords() throws Exception {
    long of = newClass("Parts");
    JsonNode made =
        read(
            write(
                post("/api/classes/" + of + "/sessions/words"),
                body("date", TODAY, "kind", "sounds", "words", List.of("/eɪ/ [ai; ay; a-e]"))));
    long item = made.at("/blocks/0/items/0/id").asLong();
    JsonNode cell = type(made, pupil(of, 0), item, "ai ee");
    assertEquals(1, cell.at("/sentence/right").asInt(), cell::toString);
    assertEquals(3, cell.at("/sentence/asked").asInt());
    assertEquals(
        0,
        jdbc.queryForObject(
            "select count(*) from mark_word where attempt_id = ?",
            Integer.class,
            cell.get("attemptId").asLong()));
  }

  @Test
  void severalCellsOfAPaperAreKeptAllOrNone() throws Exception {
    long of = newClass("Several");
    JsonNode session = plan(newSession(of, TODAY), "", "badge", "cage");
    long pupil = pupil(of, 0);
    long first = session.at("/blocks/0/items/0/id").asLong();
    long second = session.at("/blocks/0/items/1/id").asLong();
    String path = "/api/sessions/" + session.get("id").asLong() + "/papers/" + pupil + "/items";
    String both =
        "{\"cells\":[{\"itemId\":%d,\"written\":\"badge\",\"state\":\"WRITTEN\",\"version\":0},"
            + "{\"itemId\":%d,\"written\":\"caj\",\"state\":\"WRITTEN\",\"version\":0}]}";
    JsonNode kept = read(write(put(path), both.formatted(first, second)));
    assertEquals("RIGHT", kept.at("/0/result").asText());
    assertEquals("caj", kept.at("/1/written").asText());
    doing(write(put(path), both.replace("caj", "kage").formatted(first, second)))
        .andExpect(status().isConflict());
    doing(write(put(path), both.formatted(first, 999_999))).andExpect(status().isNotFound());
    assertEquals(
        "caj",
        read("/api/sessions/" + session.get("id").asLong() + "/papers")
            .at("/0/cells/1/written")
            .asText());
  }

  @Test
  void everyJudgementStaysInTheLogWithItsNote() throws Exception {
    long of = newClass("Logged");
    JsonNode session = plan(newSession(of, TODAY), "", "badge");
    JsonNode cell =
        type(session, pupil(of, 0), session.at("/blocks/0/items/0/id").asLong(), "bage");
    String path = "/api/attempts/" + cell.get("attemptId").asLong();
    read(write(put(path + "/override"), body("result", "RIGHT", "note", "she said badge")));
    read(write(delete(path + "/override"), ""));
    read(write(put(path + "/override"), body("result", "ABSENT", "note", "a smudge")));
    JsonNode log = read(path + "/judgements");
    assertEquals(2, log.size());
    assertEquals("a smudge", log.at("/0/note").asText());
    assertTrue(log.at("/0/stands").asBoolean());
    assertEquals("she said badge", log.at("/1/note").asText());
    assertFalse(log.at("/1/withdrawnAt").isNull());
    assertFalse(log.at("/1/stands").asBoolean());
  }
}
