package dettato.app;

import static org.hamcrest.Matchers.containsString;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import dettato.activity.shipped.ShippedActivities;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Sessions taken to another day, another class, a file and back, a calendar. */
class SessionFileApiTest extends ApiCase {
  @Test
  void isCopiedToAnotherDayAndClass() throws Exception {
    long of = newClass("From");
    long to = newClass("To");
    JsonNode made = planned(of, TODAY, "short", rule("final-ch"));
    JsonNode copy =
        read(
            write(
                post("/api/sessions/" + made.get("id").asLong() + "/copy"),
                body("date", "2026-03-11", "classId", to)));
    assertEquals(to, copy.get("classId").asLong());
    assertEquals("2026-03-11", copy.get("date").asText());
    assertEquals(texts(made), texts(copy));
    assertEquals("PLANNED", copy.get("state").asText());
  }

  @Test
  void goesIntoAFileAndComesBack() throws Exception {
    long of = newClass("Files");
    for (String template :
        List.of("contrast", "first-writing", "rivals", "by-heart", "assessment")) {
      JsonNode made = planned(of, TODAY, template, rule("final-ch"));
      JsonNode file = read("/api/sessions/" + made.get("id").asLong() + "/session.json");
      JsonNode back =
          read(
              write(
                  post("/api/classes/" + of + "/sessions/file?date=2026-03-20"), file.toString()));
      assertEquals(texts(made), texts(back), template);
      assertEquals(
          block(made, made.at("/blocks/0/kind").asText()).get("role"), back.at("/blocks/0/role"));
      String whole = file.toString();
      int count = read("/api/classes/" + of + "/sessions").size();
      mvc.perform(
              write(
                  post("/api/classes/" + of + "/sessions/file"),
                  whole.substring(0, whole.length() / 2)))
          .andExpect(status().isBadRequest())
          .andExpect(jsonPath("$.detail", containsString("JSON")));
      assertEquals(count, read("/api/classes/" + of + "/sessions").size());
    }
  }

  @Test
  void theSchemaOfTheFileNamesEveryKindOfBlock() throws Exception {
    JsonNode schema = json.readTree(java.nio.file.Path.of("../docs/session.schema.json").toFile());
    Set<String> named = new HashSet<>();
    schema.at("/properties/blocks/items/properties/kind/enum").forEach(k -> named.add(k.asText()));
    Set<String> kinds = new HashSet<>();
    ShippedActivities.ALL.kinds().forEach(k -> kinds.add(k.id()));
    assertEquals(kinds, named);
  }

  @Test
  void aFileWithAnItemThatIsNoneIsToldAndNothingOfItIsKept() throws Exception {
    long of = newClass("Bad file");
    mvc.perform(
            write(
                post("/api/classes/" + of + "/sessions/file"),
                body(
                    "format",
                    "dettato-session-1",
                    "date",
                    TODAY,
                    "title",
                    "",
                    "focus",
                    List.of(rule("final-j")),
                    "blocks",
                    List.of(
                        Map.of(
                            "kind",
                            "words",
                            "role",
                            "FOCUS",
                            "items",
                            List.of(Map.of("text", "ca7t", "role", "OWN")))))))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString("ca7t")));
    assertEquals(0, read("/api/classes/" + of + "/sessions").size());
  }

  @Test
  void aWeekIsACalendar() throws Exception {
    long of = newClass("Calendar");
    planned(of, "2026-03-05", "short", rule("final-ch"));
    planned(of, "2026-03-12", "short", rule("final-j"));
    String ics =
        mvc.perform(get("/api/classes/" + of + "/week.ics").session(session))
            .andExpect(status().isOk())
            .andReturn()
            .getResponse()
            .getContentAsString();
    assertTrue(ics.startsWith("BEGIN:VCALENDAR"), ics);
    assertTrue(ics.contains("DTSTART;VALUE=DATE:20260305"), ics);
    assertTrue(ics.contains("SUMMARY:tch or ch at the end"), ics);
    assertFalse(ics.contains("20260312"), ics);
  }
}
