package dettato.app;

import static org.hamcrest.Matchers.containsString;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;

/** What a class is taught, in which order, and what that changes. */
class OrderApiTest extends ApiCase {
  private static final String OWN =
      "step,grapheme,sound,example\n1,s,,sun\n1,a,,cat\n1,t,,ten\n1,c,,cat\n2,oa,,boat\n2,b,,boat\n";

  private ResultActions take(long of, String csv) throws Exception {
    return doing(
        write(put("/api/classes/" + of + "/sequence"), csv)
            .contentType(MediaType.valueOf("text/csv")));
  }

  private void profile(long of, int step, List<String> early, List<String> later) throws Exception {
    ObjectNode profile = (ObjectNode) read("/api/classes/" + of + "/profile");
    profile.put("step", step);
    ((ObjectNode) profile.get("choices"))
        .set("ticks", json.valueToTree(Map.of("early", early, "later", later)));
    read(write(put("/api/classes/" + of + "/profile"), json.writeValueAsString(profile)));
  }

  private List<String> untaught(long of, String word) throws Exception {
    String asked = json.writeValueAsString(Map.of("accent", "en-GB", "classId", of, "text", word));
    JsonNode found = read(write(post("/api/texts/check"), asked).header("Dettato-Class", of));
    return json.convertValue(found.at("/words/0/untaught"), List.class);
  }

  @Test
  void aSchoolsOwnOrderIsTakenAndInForceAndGivenBack() throws Exception {
    long of = newClass("Own order");
    JsonNode path =
        json.readTree(
            take(of, OWN)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
    assertTrue(path.get("own").asBoolean());
    assertEquals("oa", path.at("/steps/1/units/0/grapheme").asText());
    profile(of, 2, List.of(), List.of());
    assertEquals(List.of(), untaught(of, "boat"));
    assertEquals(List.of("sh", "i", "p"), untaught(of, "ship"));
    String csv =
        doing(get("/api/classes/" + of + "/sequence.csv").session(session))
            .andReturn()
            .getResponse()
            .getContentAsString();
    assertTrue(csv.startsWith("step,grapheme,sound,example,by heart\r\n1,s,s,sun,a is\r\n"), csv);
    take(newClass("Given on"), csv).andExpect(status().isOk());
    doing(delete("/api/classes/" + of + "/sequence").session(session).with(csrf()))
        .andExpect(jsonPath("$.own").value(false));
  }

  /** Step by step as our own is given; words by heart are taught from their step on. */
  @Test
  void stepsWithWordsByHeartAreTakenAndInForce() throws Exception {
    long of = newClass("By heart");
    JsonNode ours = read("/api/sequence");
    assertEquals("i", ours.at("/0/graphemes/0").asText());
    assertEquals("the", ours.at("/1/byHeart/1").asText());
    String steps =
        """
        [{"step":1,"graphemes":["s","oa","t"],"byHeart":["the"]},
         {"step":2,"taught":[{"grapheme":"ea","phoneme":"e"}],"byHeart":["said","I"]}]""";
    JsonNode path =
        json.readTree(
            doing(write(put("/api/classes/" + of + "/sequence"), steps))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
    assertEquals("said", path.at("/steps/1/byHeart/0").asText());
    assertEquals("I", path.at("/steps/1/byHeart/1").asText());
    profile(of, 1, List.of(), List.of());
    assertEquals(List.of(), untaught(of, "the"));
    assertEquals(List.of("ai", "d"), untaught(of, "said"));
    profile(of, 2, List.of(), List.of());
    assertEquals(List.of(), untaught(of, "said"));
    doing(
            write(
                put("/api/classes/" + of + "/sequence"),
                """
                [{"step":1,"graphemes":["s"]},{"step":2,"byHeart":["qxz"]}]"""))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.lines[0].line").value(2))
        .andExpect(jsonPath("$.detail", containsString("'qxz' by heart is no word")));
  }

  @Test
  void aFileWithWrongLinesIsNotTakenAndEachIsNamed() throws Exception {
    long of = newClass("Wrong lines");
    take(of, OWN + "3,qx,,\n2,ai,,\n4,ai,k,\n")
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString("line 8: 'qx' is no grapheme")))
        .andExpect(jsonPath("$.lines.length()").value(2))
        .andExpect(jsonPath("$.lines[1].line").value(10));
    take(of, "a,b\n1,2\n")
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString("headings")));
    assertFalse(read("/api/classes/" + of + "/sequence").get("own").asBoolean());
  }

  @Test
  void aTickAheadIsTaughtAndOneBehindWaits() throws Exception {
    long of = newClass("Ticks");
    profile(of, 6, List.of("a_e FACE"), List.of("i KIT"));
    assertEquals(List.of(), untaught(of, "cake").stream().filter("a_e"::equals).toList());
    assertEquals(List.of("i"), untaught(of, "pit"));
    JsonNode path = read("/api/classes/" + of + "/sequence");
    assertEquals(2, path.findValues("ticked").stream().filter(JsonNode::asBoolean).count());
    JsonNode made = planned(of, TODAY, "short", Map.of("rule", "final-k"));
    assertTrue(
        texts(made).stream().noneMatch(w -> w.matches("[a-z]*i[a-z]*k")), texts(made).toString());
  }

  /** Chains, pairs and cards are of what this school has taught, not of what we would have. */
  @Test
  void chainsPairsAndCardsKeepToTheSchoolsOwnOrder() throws Exception {
    long of = newClass("Other order");
    StringBuilder csv = new StringBuilder("step,grapheme,sound,example\n");
    for (String letter : List.of("o", "u", "g", "d", "b", "f", "r", "l", "p", "m")) {
      csv.append("1,").append(letter).append(",,\n");
    }
    take(of, csv.toString()).andExpect(status().isOk());
    profile(of, 1, List.of(), List.of());
    for (String kind : List.of("chain", "pairs")) {
      JsonNode tasks = read("/api/classes/" + of + "/exercises/" + kind).get("tasks");
      assertTrue(tasks.size() > 0 || kind.equals("pairs"), "so few letters make few pairs");
      for (JsonNode task : tasks) {
        assertFalse(
            task.get("answer").toString().matches(".*[^ougdbfrlpm\"\\[\\], ].*"), task.toString());
      }
    }
    for (JsonNode card : read("/api/classes/" + of + "/deck").get("cards")) {
      if (card.get("kind").asText().equals("GRAPHEME")) {
        assertTrue(card.get("front").asText().matches("[ougdbfrlpm]"), card.toString());
      }
    }
  }
}
