package dettato.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

/** What an older core has marked is marked anew behind the screens. */
class RemarkTest extends ApiCase {
  @Autowired private JdbcTemplate jdbc;
  @Autowired private ConfigurableApplicationContext context;

  private void startAgain() {
    context.publishEvent(
        new ApplicationReadyEvent(new SpringApplication(), new String[0], context, null));
  }

  private void settle() throws Exception {
    for (int i = 0; i < 600; i++) {
      JsonNode progress = read("/api/marking/progress");
      if (progress.get("left").asInt() == 0 && !progress.get("running").asBoolean()) {
        return;
      }
      Thread.sleep(50);
    }
  }

  private int of(String version) {
    Integer count =
        jdbc.queryForObject("select count(*) from mark where version = ?", Integer.class, version);
    return count == null ? -1 : count;
  }

  @Test
  void oldMarksStandUntilTheyAreMadeAnewAndAnInterruptedRunGoesOn() throws Exception {
    settle();
    String findings = read("/api/classes/1/findings").toString();
    int all = jdbc.update("update mark set version = 'older' where attempt_id % 2 = 0");
    jdbc.update("update pupil set revision = revision + 1");
    assertTrue(all > 1_000);
    assertEquals(all, read("/api/marking/progress").get("left").asInt());
    assertEquals(findings, read("/api/classes/1/findings").toString(), "the old marks serve");
    startAgain();
    settle();
    assertEquals(0, of("older"));
    assertEquals(findings, read("/api/classes/1/findings").toString());
    jdbc.update(
        "update mark set version = 'older' where attempt_id in"
            + " (select id from attempt where pupil_id = (select min(pupil_id) from attempt))");
    startAgain();
    settle();
    assertEquals(0, of("older"));
  }

  @Test
  void aWordsNewCutReachesOldMarksAloneAndInASentence() throws Exception {
    long of = newClass("Own words");
    load(
        of,
        "date,pupil,target,attempt\n2026-02-02,Ada,quoyle,coyl\n"
            + "2026-02-02,Bea,The quoyle sat.,The coyl sat.\n");
    String before = csv(of);
    assertFalse(before.contains("coyl,READS_RIGHT"), before);
    mvc.perform(
            write(
                put("/api/own-words/quoyle?accent=en-GB"),
                "{\"units\":[{\"grapheme\":\"qu\",\"phoneme\":\"k\"},{\"grapheme\":\"oy\",\"phoneme\":\"ɔɪ\"},"
                    + "{\"grapheme\":\"le\",\"phoneme\":\"l\"}],\"clue\":\"a place\",\"choose\":true}"))
        .andExpect(status().isOk());
    settle();
    assertTrue(csv(of).contains("quoyle,coyl,READS_RIGHT"), before + csv(of));
    assertTrue(csv(of).contains("The coyl sat.,READS_RIGHT"), csv(of));
    mvc.perform(write(delete("/api/own-words/quoyle"), "")).andExpect(status().isNoContent());
    settle();
    assertEquals(before, csv(of));
  }

  /** One that no core can judge is set aside and told; all others are marked anew. */
  @Test
  void anAttemptThatCannotBeMarkedStopsNoOther() throws Exception {
    long of = newClass("Set aside");
    load(
        of,
        "date,pupil,target,attempt\n2026-02-02,Ada,badge,baj\n2026-02-02,Ada,cage,caj\n"
            + "2026-02-02,Bea,ledge,lej\n");
    settle();
    String before = csv(of);
    String ofClass = " where attempt_id in (select id from attempt where class_id = " + of + ")";
    jdbc.update("update mark set version = 'older'" + ofClass);
    jdbc.update("update attempt set kind = 'unheard' where target = 'cage' and class_id = ?", of);
    startAgain();
    settle();
    JsonNode progress = read("/api/marking/progress");
    assertEquals(0, progress.get("left").asInt());
    assertEquals(1, progress.get("aside").asInt());
    assertEquals(0, of("older"));
    assertEquals(before, csv(of), "what was marked of it before still stands");
    jdbc.update("update attempt set kind = 'words' where target = 'cage' and class_id = ?", of);
    jdbc.update("update mark set version = 'older'" + ofClass);
    startAgain();
    settle();
    assertEquals(0, read("/api/marking/progress").get("aside").asInt());
  }
}
