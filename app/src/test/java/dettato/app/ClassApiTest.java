package dettato.app;

import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItems;
import static org.hamcrest.Matchers.hasSize;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Classes, their children, how they work, who shares them. */
class ClassApiTest extends ApiCase {
  @ParameterizedTest(name = "{0}")
  @CsvSource(
      delimiter = '|',
      value = {
        "[\"Ada\",\"Ada\"] | 'Ada' is there twice",
        "[\"\"] | 1 to 80 letters",
        "[null] | pupils",
        "[\"A\\u0000da\"] | a sign that cannot be written",
        "[\"A\\ud800da\"] | a sign that cannot be written",
        "[\"A\\u200bda\"] | signs that can be printed",
        "[\"A\\u0007da\"] | signs that can be printed",
        "[\"\\u00a0\\u2003\"] | 1 to 80 letters",
        "[\"Ana B\",\"Ana\\u00a0 B\"] | 'Ana B' is there twice",
        "[\"Zo\\u00eb\",\"Zoe\\u0308\"] | is there twice"
      })
  void saysWhatIsWrongWithAName(String pupils, String detail) throws Exception {
    mvc.perform(
            write(
                post("/api/classes"),
                "{\"name\":\"Twins\",\"accent\":\"en-GB\",\"pupils\":" + pupils + "}"))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString(detail)));
  }

  @Test
  void childrenComeAreRenamedLeaveAndComeBack() throws Exception {
    long id = newClass("Roll");
    String pupils = "/api/classes/" + id + "/pupils";
    mvc.perform(write(post(pupils), "{\"names\":[\"Cole\",\"Dai\"]}"))
        .andExpect(status().isCreated())
        .andExpect(jsonPath("$[*].name", contains("Ada", "Bea", "Cole", "Dai")))
        .andExpect(jsonPath("$[2].from").value(TODAY));
    mvc.perform(write(post(pupils), "{\"names\":[\"Ada\"]}")).andExpect(status().isBadRequest());
    long cole = pupil(id, 2);
    mvc.perform(write(put(pupils + "/" + cole), "{\"name\":\"Bea\"}"))
        .andExpect(status().isBadRequest());
    mvc.perform(write(put(pupils + "/" + cole), "{\"name\":\"Cole R\"}"))
        .andExpect(jsonPath("$[2].name").value("Cole R"));
    load(id, "date,pupil,target,attempt\n2026-03-02,Cole R,badge,bage\n");
    mvc.perform(write(delete(pupils + "/" + cole), "")).andExpect(jsonPath("$[2].to").value(TODAY));
    assertEquals(3, read("/api/classes/" + id).get("pupils").size());
    assertEquals(2, csv(id).lines().count(), "the papers stay");
    mvc.perform(write(post(pupils + "/" + cole + "/return"), ""))
        .andExpect(jsonPath("$[2].to").isEmpty());
    assertEquals(4, read("/api/classes/" + id).get("pupils").size());
    mvc.perform(write(put(pupils + "/999999"), "{\"name\":\"X\"}"))
        .andExpect(status().isNotFound());
  }

  @Test
  void aNameIsFreeAgainWhenItsChildHasLeftAndAFileKnowsWhichChildItMeans() throws Exception {
    long id = newClass("Names");
    long first = pupil(id, 0);
    String pupils = "/api/classes/" + id + "/pupils";
    mvc.perform(write(delete(pupils + "/" + first), "")).andExpect(status().isOk());
    mvc.perform(write(post(pupils), "{\"names\":[\"Ada\"]}")).andExpect(status().isCreated());
    mvc.perform(write(post(pupils + "/" + first + "/return"), ""))
        .andExpect(status().isBadRequest());
    load(
        id,
        "date,pupil,target,attempt\n2026-03-02,Ada,badge,bage\n2026-03-02,Ada,ledge,lege\n"
            + "2026-03-04,Ada,badge,badge\n");
    assertEquals(0, read("/api/classes/" + id + "/findings").get("findings").size());
  }

  @Test
  void aProfileIsKeptOnceForEachVersion() throws Exception {
    long id = newClass("Profile");
    String path = "/api/classes/" + id + "/profile";
    JsonNode now = read(path);
    ObjectNode wanted = now.deepCopy();
    wanted.put("step", 30).put("differentWords", 3).put("minutes", 25);
    mvc.perform(write(put(path), wanted.toString()))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.step").value(30));
    mvc.perform(write(put(path), wanted.toString()))
        .andExpect(status().isConflict())
        .andExpect(jsonPath("$.current.step").value(30));
    mvc.perform(get("/api/classes/" + id).session(session))
        .andExpect(jsonPath("$.step").value(30))
        .andExpect(jsonPath("$.differentWords").value(3))
        .andExpect(jsonPath("$.minutes").value(25));
    ObjectNode far = read(path).deepCopy();
    mvc.perform(write(put(path), far.put("step", 9_999).toString()))
        .andExpect(status().isBadRequest());
    ObjectNode one = read(path).deepCopy();
    mvc.perform(write(put(path), one.put("differentWords", 1).toString()))
        .andExpect(status().isBadRequest());
  }

  /** A tomato rhymes with "otter" in neither; BATH does the telling: "barth" reads right in one. */
  @Test
  void anotherAccentHasEveryMarkMadeAnewAndTheFirstGivesTheSameMarksAgain() throws Exception {
    long id = newClass("Accent");
    JsonNode session = plan(newSession(id, TODAY), "", "saw", "bath", "new", "badge");
    String[] written = {"sor", "barth", "noo", "bage"};
    for (int i = 0; i < written.length; i++) {
      type(session, pupil(id, 0), session.at("/blocks/0/items/" + i + "/id").asLong(), written[i]);
    }
    String papers = "/api/sessions/" + session.get("id").asLong() + "/papers";
    long attempt = read(papers).at("/0/cells/3/attemptId").asLong();
    read(
        write(
            put("/api/attempts/" + attempt + "/override"), body("result", "RIGHT", "note", "ok")));
    JsonNode first = read(papers);
    String british = csv(id);
    speak(id, "en-US");
    assertTrue(csv(id).contains("saw,sor,") && !csv(id).equals(british), csv(id));
    assertEquals("RIGHT", read(papers).at("/0/cells/3/override").asText(), "hers stands");
    speak(id, "en-GB");
    assertEquals(british, csv(id));
    assertEquals(first, read(papers), "marks, evidence and her judgement as they were");
  }

  private void speak(long id, String accent) throws Exception {
    ObjectNode wanted = read("/api/classes/" + id + "/profile").deepCopy();
    mvc.perform(
            write(put("/api/classes/" + id + "/profile"), wanted.put("accent", accent).toString()))
        .andExpect(status().isOk());
    for (int i = 0; i < 600 && read("/api/marking/progress").get("left").asInt() > 0; i++) {
      Thread.sleep(50);
    }
    assertEquals(0, read("/api/marking/progress").get("left").asInt());
  }

  @Test
  void aSharedClassIsOpenToBothAndAnUnknownNameIsSaidSo() throws Exception {
    long id = newClass("Shared");
    var theirs = otherTeacher();
    mvc.perform(get("/api/classes/" + id).session(theirs)).andExpect(status().isNotFound());
    mvc.perform(write(post("/api/classes/" + id + "/teachers"), "{\"username\":\"nobody\"}"))
        .andExpect(status().isNotFound());
    mvc.perform(write(post("/api/classes/" + id + "/teachers"), "{\"username\":\"other\"}"))
        .andExpect(jsonPath("$", hasItems("demo", "other")));
    mvc.perform(get("/api/classes/" + id).session(theirs)).andExpect(status().isOk());
    mvc.perform(get("/api/classes").session(theirs))
        .andExpect(jsonPath("$[?(@.name == 'Shared')]", hasSize(1)));
  }
}
