package dettato.app;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.everyItem;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ExerciseApiTest extends ApiCase {
  @Test
  void namesTheKinds() throws Exception {
    long of = newClass("Class Limpet");
    mvc.perform(get("/api/classes/" + of + "/exercises").session(session))
        .andExpect(jsonPath("$", hasSize(12)))
        .andExpect(jsonPath("$[*].id", hasItem("gap")))
        .andExpect(jsonPath("$[?(@.id=='listen')].levels", hasItem(true)));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "gap",
        "sort",
        "match",
        "listen",
        "beats",
        "irregular",
        "affix",
        "made-up",
        "slip",
        "join",
        "chain",
        "pairs"
      })
  void makesTasksOfEachKind(String kind) throws Exception {
    long of = newClass("Class Limpet");
    mvc.perform(
            get("/api/classes/" + of + "/exercises/" + kind + "?count=4&level=2").session(session))
        .andExpect(jsonPath("$.tasks", hasSize(4)))
        .andExpect(jsonPath("$.tasks[*].why", everyItem(containsString(" "))));
  }

  @Test
  void makesThemOnAFocusAndSaysWhatIsWrongWithARequest() throws Exception {
    long of = newClass("Class Limpet");
    String at = "/api/classes/" + of + "/exercises/";
    mvc.perform(get(at + "sort?rule=final-ch&count=6").session(session))
        .andExpect(jsonPath("$.tasks[0].options", hasSize(2)))
        .andExpect(jsonPath("$.tasks[*].answer[0]", hasItem("tch")));
    mvc.perform(
            get(at + "made-up")
                .queryParam("sound", "eɪ")
                .queryParam("graphemes", "ai,a_e")
                .queryParam("count", "4")
                .session(session))
        .andExpect(jsonPath("$.tasks", hasSize(4)));
    for (String bad : new String[] {"riddle", "sort?rule=no-such", "gap?count=0", "gap?level=4"}) {
      mvc.perform(get(at + bad).session(session)).andExpect(status().isBadRequest());
    }
    mvc.perform(get("/api/classes/999999/exercises/gap").session(session))
        .andExpect(status().isNotFound());
  }
}
