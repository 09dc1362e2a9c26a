package dettato.app;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import org.junit.jupiter.api.Test;

/** Attempts in and out as files, and what they say. */
class FindingApiTest extends ApiCase {
  private static final String THREE =
      "date,pupil,target,attempt\n2026-02-02,Ada,badge,bage\n2026-02-03,Ada,ledge,lege\n"
          + "2026-02-05,Ada,fudge,fuge\n";

  @Test
  void importsGoodLinesNamesBadOnesAndChangesNothingTheSecondTime() throws Exception {
    long id = newClass("Import");
    String csv =
        THREE
            + "2026-02-04,Bea,cage,\n2026-02-04,Nobody,cage,cage\nyesterday,Ada,cage,cage\n"
            + "2026-02-05,Ada,=1+1,x\n";
    load(id, csv)
        .andExpect(jsonPath("$.imported").value(4))
        .andExpect(jsonPath("$.rejected", hasSize(3)))
        .andExpect(jsonPath("$.rejected[0].line").value(6))
        .andExpect(jsonPath("$.rejected[0].reason", containsString("Nobody")))
        .andExpect(jsonPath("$.rejected[1].line").value(7));
    load(id, csv).andExpect(jsonPath("$.imported").value(0));
    String out = csv(id);
    assertTrue(out.contains("2026-02-02,Ada,badge,bage,READS_OTHERWISE,final-j=UNDER"), out);
    assertTrue(out.contains("2026-02-04,Bea,cage,,BLANK"), out);
    mvc.perform(get("/api/classes/" + id + "/findings?asOf=2026-03-01").session(session))
        .andExpect(jsonPath("$.findings", hasSize(1)))
        .andExpect(jsonPath("$.findings[0].pupil").value("Ada"))
        .andExpect(jsonPath("$.findings[0].rule").value("final-j"))
        .andExpect(jsonPath("$.findings[0].kind").value("UNDER"))
        .andExpect(jsonPath("$.findings[0].opportunities").value(3))
        .andExpect(jsonPath("$.findings[0].failures").value(3))
        .andExpect(jsonPath("$.findings[0].evidence", hasSize(3)))
        .andExpect(jsonPath("$.findings[0].evidence[0].date").value("2026-02-05"));
    mvc.perform(get("/api/classes/" + id + "/findings?asOf=2026-02-01").session(session))
        .andExpect(jsonPath("$.findings", hasSize(0)));
  }

  /** Where the rule is broken, and where it is kept: what exactly the child does not see. */
  @Test
  void aFindingNamesTheBrokenConditionsAndTheKeptOnes() throws Exception {
    long id = newClass("Conditions");
    load(
        id,
        """
        date,pupil,target,attempt
        2026-02-02,Ada,jumping,jumpping
        2026-02-02,Ada,helping,helpping
        2026-02-02,Ada,melted,meltted
        2026-02-02,Ada,baking,baking
        2026-02-03,Ada,joking,joking
        2026-02-03,Ada,smiling,smiling
        2026-02-03,Ada,wiping,wiping
        2026-02-03,Ada,taping,taping
        2026-02-04,Ada,hiding,hiding
        2026-02-04,Ada,waving,waving
        2026-02-04,Ada,making,making
        """);
    String consonants = "double-before-ending/consonants";
    mvc.perform(get("/api/classes/" + id + "/findings?asOf=2026-03-01").session(session))
        .andExpect(jsonPath("$.findings", hasSize(1)))
        .andExpect(jsonPath("$.findings[0].opportunities").value(3))
        .andExpect(jsonPath("$.findings[0].failures").value(3))
        .andExpect(jsonPath("$.findings[0].broken", hasSize(1)))
        .andExpect(jsonPath("$.findings[0].broken[0].condition").value(consonants))
        .andExpect(jsonPath("$.findings[0].broken[0].says", containsString("two consonants")))
        .andExpect(jsonPath("$.findings[0].kept", hasSize(1)))
        .andExpect(
            jsonPath("$.findings[0].kept[0].condition").value("double-before-ending/e-dropped"))
        .andExpect(jsonPath("$.findings[0].kept[0].opportunities").value(8))
        .andExpect(jsonPath("$.findings[0].kept[0].failures").value(0));
    JsonNode map = read("/api/classes/" + id + "/map?asOf=2026-03-01");
    assertEquals(consonants, map.at("/groups/0/condition").asText());
  }

  @Test
  void aSentenceGoesOutAndInAgain() throws Exception {
    long id = newClass("Sentences");
    String line = "2026-02-02,Ada,The gull sat.,the gull sat";
    load(id, "date,pupil,target,attempt\n" + line + "\n")
        .andExpect(jsonPath("$.imported").value(1));
    String out = csv(id);
    assertTrue(out.contains(line + ",READS_RIGHT,"), out);
    assertTrue(out.contains("capital-start=UNDER"), out);
    load(id, out).andExpect(jsonPath("$.imported").value(0));
  }

  @Test
  void refusesAFileWithoutItsHeadings() throws Exception {
    load(newClass("Headings"), "day,child\n1,2\n")
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString("date,pupil,target,attempt")));
  }

  @Test
  void keepsFormulasHarmlessOnTheWayOutAndIn() throws Exception {
    long id = newClass("Formula");
    load(id, "date,pupil,target,attempt\n2026-02-02,Ada,cat,=cat\n");
    mvc.perform(get("/api/classes/" + id + "/attempts.csv").session(session))
        .andExpect(content().string(containsString("cat,'=cat,")));
    load(id, csv(id)).andExpect(jsonPath("$.imported").value(0));
  }

  @Test
  void theMapHasCountsAndTheEvidenceComesWhenACellIsOpened() throws Exception {
    long id = newClass("Map");
    load(id, THREE);
    JsonNode map = read("/api/classes/" + id + "/map?asOf=2026-03-01");
    JsonNode cell = null;
    for (JsonNode c : map.at("/rows/0/cells")) {
      cell = c.get("rule").asText().equals("final-j") ? c : cell;
    }
    assertEquals("PATTERN", cell.get("state").asText());
    assertEquals(3, cell.get("failures").asInt());
    assertTrue(cell.path("evidence").isMissingNode());
    assertEquals("Ada", map.at("/groups/0/pupils/0/name").asText());
    assertEquals("fudge", map.at("/groups/0/exampleTarget").asText());
    assertEquals(3, map.get("attempts").asInt());
    assertEquals("2026-02-02", map.get("from").asText());
    assertEquals(3, map.at("/needs/choosing").asInt());
    String path = "/api/classes/" + id + "/pupils/" + pupil(id, 0) + "/rules/";
    JsonNode opened = read(path + "final-j?asOf=2026-03-01");
    assertEquals(3, opened.get("evidence").size());
    assertEquals("UNDER", opened.at("/evidence/0/outcome").asText());
    assertTrue(opened.at("/standing/wouldChange").asText().contains("right in a row"));
    JsonNode nothing = read(path + "qu?asOf=2026-03-01");
    assertTrue(nothing.path("standing").isMissingNode());
    assertEquals(0, nothing.get("evidence").size());
  }

  /** The same day asked twice: the second answer knows what was written between. */
  @Test
  void anAnswerNeverOutlivesAWrite() throws Exception {
    long id = newClass("Fresh");
    load(id, THREE);
    String path = "/api/classes/" + id + "/findings?asOf=2026-03-01";
    assertEquals(3, read(path).at("/findings/0/failures").asInt());
    load(id, "date,pupil,target,attempt\n2026-02-06,Ada,hedge,hege\n");
    assertEquals(4, read(path).at("/findings/0/failures").asInt());
  }

  @Test
  void whatIsOlderThanAYearSaysNothingAnyMore() throws Exception {
    long id = newClass("Old");
    load(id, THREE);
    assertEquals(0, read("/api/classes/" + id + "/map?asOf=2027-03-01").get("attempts").asInt());
  }

  @Test
  void saysWhatAChildWritesForEachSound() throws Exception {
    long id = newClass("Sounds");
    load(
        id,
        "date,pupil,target,attempt\n2026-02-02,Ada,thin,fin\n2026-02-03,Ada,bath,baf\n"
            + "2026-02-03,Ada,three,free\n2026-02-03,Ada,rain,rane\n2026-02-04,Bea,thin,thin\n");
    String ada = "/api/classes/" + id + "/pupils/" + pupil(id, 0) + "/leanings";
    mvc.perform(get(ada + "?asOf=2026-02-10").session(session))
        .andExpect(jsonPath("$.leanings[0].kind").value("CONFUSION"))
        .andExpect(jsonPath("$.leanings[0].sound").value("θ"))
        .andExpect(jsonPath("$.leanings[0].label").value("f or v for th"))
        .andExpect(jsonPath("$.leanings[0].pattern").value(true))
        .andExpect(jsonPath("$.leanings[0].failures").value(3))
        .andExpect(jsonPath("$.leanings[0].examples", hasSize(3)))
        .andExpect(jsonPath("$.leanings[0].wouldChange", containsString("right in a row")))
        .andExpect(jsonPath("$.leanings[1].label").value("a_e where another is due"))
        .andExpect(jsonPath("$.leanings[1].keyword").value("rain"))
        .andExpect(jsonPath("$.leanings[1].pattern").value(false))
        .andExpect(jsonPath("$.needs.hearing").value(3))
        .andExpect(jsonPath("$.needs.choosing").value(1));
    mvc.perform(get(ada + "?asOf=2026-02-02").session(session))
        .andExpect(jsonPath("$.leanings[0].failures").value(1));
    mvc.perform(
            get("/api/classes/" + id + "/pupils/" + pupil(id, 1) + "/leanings").session(session))
        .andExpect(jsonPath("$.leanings", hasSize(0)));
    mvc.perform(get("/api/classes/" + id + "/pupils/999999/leanings").session(session))
        .andExpect(status().isNotFound())
        .andExpect(jsonPath("$.detail", containsString("999999")));
  }
}
