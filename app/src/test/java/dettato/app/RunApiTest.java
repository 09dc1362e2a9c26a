package dettato.app;

import static org.hamcrest.Matchers.containsString;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is noted while a session is given, and what its papers say after. */
class RunApiTest extends ApiCase {
  private static String item(JsonNode session, int place, String what) {
    return "/api/sessions/"
        + session.get("id").asLong()
        + "/items/"
        + session.at("/blocks/0/items/" + place + "/id").asLong()
        + what;
  }

  private JsonNode again(JsonNode session) throws Exception {
    return read("/api/sessions/" + session.get("id").asLong());
  }

  @Test
  void whoStumbledIsKeptBesideTheItem() throws Exception {
    long of = newClass("Aloud");
    JsonNode made = planned(of, TODAY, "by-heart", rule("final-ch"));
    assertEquals("cards", made.at("/blocks/0/kind").asText());
    List<Long> both = List.of(pupil(of, 0), pupil(of, 1));
    String first = item(made, 0, "/stumble");
    doing(write(put(first), body("stumbled", true, "pupils", both)))
        .andExpect(status().isNoContent());
    JsonNode then = again(made).at("/blocks/0/items/0");
    assertTrue(then.get("stumbled").asBoolean());
    assertEquals(2, then.get("stumblers").size());
    doing(write(put(first), body("stumbled", true, "pupils", both.subList(0, 1))))
        .andExpect(status().isNoContent());
    assertEquals(both.get(0), again(made).at("/blocks/0/items/0/stumblers/0").asLong());
    long other = pupil(newClass("Others"), 0);
    doing(write(put(first), body("stumbled", true, "pupils", List.of(other))))
        .andExpect(status().isNotFound());
    assertEquals(1, again(made).at("/blocks/0/items/0/stumblers").size());
  }

  /** Halves, and totals that are what was given; given anew, they replace what was there. */
  @Test
  void theClassPlaysAgainstTheTeacher() throws Exception {
    JsonNode made = plan(newSession(newClass("Points"), TODAY), "", "badge", "cage", "ridge");
    assertTrue(made.path("points").isMissingNode());
    read(write(put(item(made, 0, "/points")), body("ours", 1, "theirs", 0.5)));
    read(write(put(item(made, 1, "/points")), body("ours", 0.5, "theirs", 0)));
    JsonNode total = read(write(put(item(made, 2, "/points")), body("ours", 0.5, "theirs", 1)));
    assertEquals("class 2, teacher 1½", total.get("says").asText());
    read(write(put(item(made, 0, "/points")), body("ours", 0, "theirs", 0.5)));
    assertEquals(1.0, again(made).at("/points/ours").asDouble());
    assertEquals(1.5, again(made).at("/points/theirs").asDouble());
    assertEquals(0.5, again(made).at("/blocks/0/items/1/ours").asDouble());
    doing(write(put(item(made, 0, "/points")), body("ours", 0.3, "theirs", 0)))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString("0.3 points are no whole or half")));
  }

  /** Both children write tch after a consonant: that is the line, and the next step. */
  @Test
  void thePapersSayWhatToTeachNext() throws Exception {
    long of = newClass("Outlook");
    JsonNode made = plan(newSession(of, TODAY), "", "branch", "crunch", "hatch");
    String outlook = "/api/sessions/" + made.get("id").asLong() + "/outlook";
    assertEquals(0, read(outlook).get("lines").size());
    for (int child = 0; child < 2; child++) {
      type(made, pupil(of, child), made.at("/blocks/0/items/0/id").asLong(), "brantch");
      type(made, pupil(of, child), made.at("/blocks/0/items/1/id").asLong(), "crunch");
      type(made, pupil(of, child), made.at("/blocks/0/items/2/id").asLong(), "hatch");
    }
    JsonNode said = read(outlook);
    assertEquals("2 of 2: Ada, Bea", said.at("/lines/0/says").asText());
    assertTrue(said.at("/lines/0/ground").asText().contains("consonant"), said.toString());
    assertEquals("branch is off on 2 of 2 papers, brantch on 2", said.at("/lines/1/says").asText());
    assertEquals("final-ch/consonant", said.at("/next/condition").asText());
    assertEquals(0, said.at("/next/pupils").size(), "more than a third: the class");
  }

  /** Once put into the order of the pile, papers come in it; whoever is not named stays. */
  @Test
  void papersComeInTheOrderOfThePile() throws Exception {
    long of = newClass("Pile");
    JsonNode made = plan(newSession(of, TODAY), "", "badge");
    long ada = pupil(of, 0);
    long bea = pupil(of, 1);
    read(write(put("/api/classes/" + of + "/order"), body("pupils", List.of(bea, ada))));
    JsonNode papers = read("/api/sessions/" + made.get("id").asLong() + "/papers");
    assertEquals("Bea", papers.at("/0/pupil/name").asText());
    read(
        write(
            org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post(
                "/api/classes/" + of + "/pupils"),
            body("names", List.of("Cid"))));
    read(write(put("/api/classes/" + of + "/order"), body("pupils", List.of(pupil(of, 2), bea))));
    assertEquals(
        List.of("Cid", "Ada", "Bea"),
        read("/api/classes/" + of).at("/pupils").findValuesAsText("name"));
    doing(write(put("/api/classes/" + of + "/order"), body("pupils", List.of(ada, ada))))
        .andExpect(status().isBadRequest());
    doing(write(put("/api/classes/" + of + "/order"), body("pupils", List.of(999_999L))))
        .andExpect(status().isNotFound());
  }

  /** Each outcome with its ground, and what was corrected; the plain file stays as it was. */
  @Test
  void theFileTellsConditionsWhenAsked() throws Exception {
    long of = newClass("File");
    JsonNode made = plan(newSession(of, TODAY), "", "branch");
    long item = made.at("/blocks/0/items/0/id").asLong();
    read(
        write(
            put(cell(made, pupil(of, 0), item)),
            body("written", "brantch", "state", "WRITTEN", "corrected", "branch")));
    String file =
        mvc.perform(get("/api/classes/" + of + "/attempts.csv?detail=conditions").session(session))
            .andReturn()
            .getResponse()
            .getContentAsString();
    assertEquals(
        "date,pupil,target,attempt,result,rules,conditions,corrected",
        file.lines().toList().get(0));
    String line = file.lines().toList().get(1);
    assertTrue(line.contains("final-ch=OVER"), line);
    assertTrue(line.contains("final-ch/consonant=OVER"), line);
    assertTrue(line.endsWith(",branch"), line);
    assertTrue(csv(of).startsWith("date,pupil,target,attempt,result,rules\r\n"), csv(of));
    doing(get("/api/classes/" + of + "/attempts.csv?detail=all").session(session))
        .andExpect(status().isBadRequest());
  }
}
