package dettato.app;

import static org.hamcrest.Matchers.containsString;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A block of a spreadsheet is looked at, then kept: good cells go in, nothing is doubled. */
class PasteApiTest extends ApiCase {
  private static final String BLOCK =
      "\tcage\tbadge\tSentence\nBea\tcaj\t=\tThe gul sat.\nAda\t-\tbage\t\nZed\tx\ty\t\n";

  private JsonNode session;

  @BeforeEach
  void aSession() throws Exception {
    session =
        plan(newSession(newClass("Pasted"), TODAY), "The gull sat on a rock.", "badge", "cage");
  }

  private JsonNode paste(String text, boolean keep, boolean replace) throws Exception {
    return read(
        write(
            post("/api/sessions/" + session.get("id").asLong() + "/paste"),
            body("text", text, "keep", keep, "replace", replace)));
  }

  private String papers() throws Exception {
    StringBuilder all = new StringBuilder();
    for (JsonNode paper : read("/api/sessions/" + session.get("id").asLong() + "/papers")) {
      for (JsonNode cell : paper.get("cells")) {
        if (!cell.get("state").asText().equals("EMPTY")) {
          all.append(paper.at("/pupil/name").asText())
              .append(':')
              .append(cell.get("written").asText())
              .append(' ');
        }
      }
    }
    return all.toString();
  }

  @Test
  void isLookedAtFirstThenKeptAndTwiceIsOnce() throws Exception {
    JsonNode looked = paste(BLOCK, false, false);
    assertEquals(5, looked.get("found").size());
    assertEquals(1, looked.get("bad").size());
    assertEquals("nobody in the class is called so", looked.at("/bad/0/reason").asText());
    assertEquals("", papers(), "a look keeps nothing");
    assertEquals(5, paste(BLOCK, true, false).get("kept").size());
    String kept = papers();
    assertTrue(kept.contains("Ada:bage") && kept.contains("Bea:badge"), kept);
    assertTrue(kept.contains("Bea:The gul sat."), kept);
    JsonNode again = paste(BLOCK, true, false);
    assertEquals(5, again.get("same").asInt());
    assertEquals(0, again.get("kept").size());
    assertEquals(kept, papers());
  }

  @Test
  void whatStandsIsReplacedOnlyWhenAsked() throws Exception {
    paste(BLOCK, true, false);
    String other = "pupil,target,attempt\nAda,badge,baj\nAda,cage,=\n";
    JsonNode looked = paste(other, true, false);
    assertEquals("bage", looked.at("/found/0/stands").asText());
    assertEquals(0, looked.get("kept").size());
    assertTrue(papers().contains("Ada:bage"));
    assertEquals(2, paste(other, true, true).get("kept").size());
    assertTrue(papers().contains("Ada:baj") && papers().contains("Ada:cage"), papers());
  }

  @Test
  void aBrokenBlockIsSaidSo() throws Exception {
    doing(
            write(
                post("/api/sessions/" + session.get("id").asLong() + "/paste"),
                body("text", "name,badge\nAda,\"bage\n", "keep", true, "replace", false)))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString("cannot be read as cells")));
  }
}
