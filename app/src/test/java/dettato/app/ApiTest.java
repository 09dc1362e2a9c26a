package dettato.app;

import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.everyItem;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.is;
import static org.hamcrest.Matchers.not;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import dettato.app.demo.PlantedHabits;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;

/** The contract, on a real H2 in memory with the demo class. */
class ApiTest extends ApiCase {
  @Test
  void saysWhoIsLoggedIn() throws Exception {
    mvc.perform(get("/api/session")).andExpect(jsonPath("$.user").isEmpty());
    mvc.perform(get("/api/session").session(session))
        .andExpect(jsonPath("$.user.name").value("demo"));
  }

  @Test
  void refusesAWrongPassword() throws Exception {
    mvc.perform(
            post("/api/session")
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"username\":\"demo\",\"password\":\"guess\"}"))
        .andExpect(status().isUnauthorized())
        .andExpect(jsonPath("$.detail").value("Name and password do not match."));
  }

  @Test
  void locksANameAfterTenWrongPasswords() throws Exception {
    for (int i = 0; i < 10; i++) {
      wrongPassword().andExpect(status().isUnauthorized());
    }
    wrongPassword().andExpect(status().isTooManyRequests());
  }

  private ResultActions wrongPassword() throws Exception {
    return mvc.perform(
        post("/api/session")
            .with(csrf())
            .contentType(MediaType.APPLICATION_JSON)
            .content("{\"username\":\"nobody\",\"password\":\"guess\"}"));
  }

  @ParameterizedTest
  @CsvSource({
    "GET,/api/classes",
    "GET,/api/words/ridge",
    "GET,/api/rules",
    "POST,/api/classes",
    "POST,/api/marking/preview",
    "GET,/api/classes/1/findings",
    "GET,/api/classes/1/pupils/1/leanings",
    "PUT,/api/dictations/1",
    "GET,/api/openapi"
  })
  void answers401WithoutLogin(String method, String path) throws Exception {
    mvc.perform(request(HttpMethod.valueOf(method), path))
        .andExpect(status().isUnauthorized())
        .andExpect(jsonPath("$.status").value(401));
  }

  @Test
  void answers403ToAWriteWithoutTheHeader() throws Exception {
    mvc.perform(post("/api/classes").session(session))
        .andExpect(status().isForbidden())
        .andExpect(jsonPath("$.detail", containsString("X-XSRF-TOKEN")));
  }

  @Test
  void previewsAMark() throws Exception {
    preview("{\"accent\":\"en-GB\",\"pairs\":[{\"target\":\"smudge\",\"attempt\":\"smuge\"}]}")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.results[0].result").value("READS_OTHERWISE"))
        .andExpect(jsonPath("$.results[0].units[3].written").value("ge"))
        .andExpect(jsonPath("$.results[0].units[3].verdict").value("ALTERNATIVE"))
        .andExpect(jsonPath("$.results[0].rules[0].rule").value("final-j"))
        .andExpect(jsonPath("$.results[0].rules[0].outcome").value("UNDER"))
        .andExpect(jsonPath("$.results[0].readsAs").value("/smjuːdʒ/"));
    preview(
            "{\"accent\":\"en-GB\",\"pairs\":[{\"target\":\"burst\",\"attempt\":\"brust\"},{\"target\":\"glum\",\"attempt\":\"gulum\"}]}")
        .andExpect(jsonPath("$.results[0].swapped[0]", contains(1, 1)))
        .andExpect(jsonPath("$.results[1].extra[0].written").value("u"))
        .andExpect(jsonPath("$.results[1].extra[0].before").value(1));
  }

  @ParameterizedTest(name = "{0}")
  @CsvSource(
      delimiter = '|',
      value = {
        "{bad | JSON",
        "{\"accent\":\"en-XX\",\"pairs\":[]} | en-XX",
        "{\"accent\":\"en-GB\",\"pairs\":[{\"target\":\"123\",\"attempt\":\"a\"}]} | no letters",
        "{\"accent\":\"en-GB\",\"pairs\":[{\"target\":\"cat\"}]} | attempt",
        "{\"accent\":\"en-GB\",\"pairs\":[null]} | pairs",
        "{\"accent\":\"en-GB\"} | pairs",
        "[] | JSON"
      })
  void saysWhatIsWrongWithAPreview(String body, String detail) throws Exception {
    preview(body)
        .andExpect(status().isBadRequest())
        .andExpect(content().contentTypeCompatibleWith(MediaType.APPLICATION_PROBLEM_JSON))
        .andExpect(jsonPath("$.detail", containsString(detail)));
  }

  private ResultActions preview(String body) throws Exception {
    return mvc.perform(write(post("/api/marking/preview"), body));
  }

  @Test
  void previewsASentence() throws Exception {
    mvc.perform(
            write(
                post("/api/marking/preview-sentence"),
                "{\"accent\":\"en-GB\",\"target\":\"The gull sat.\",\"attempt\":\"the gull\"}"))
        .andExpect(jsonPath("$.words[2].kind").value("MISSING"))
        .andExpect(jsonPath("$.conventions[0].rule").value("capital-start"))
        .andExpect(jsonPath("$.conventions[0].outcome").value("UNDER"));
  }

  @Test
  void saysWhatAChildWritesForEachSound() throws Exception {
    long id = newClass("Sounds");
    load(
        id,
        "date,pupil,target,attempt\n2026-02-02,Ada,thin,fin\n2026-02-03,Ada,bath,baf\n"
            + "2026-02-03,Ada,three,free\n2026-02-03,Ada,rain,rane\n2026-02-04,Bea,thin,thin\n");
    long ada = pupil(id, 0);
    mvc.perform(get(leanings(id, ada) + "?asOf=2026-02-10").session(session))
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
    mvc.perform(get(leanings(id, ada) + "?asOf=2026-02-02").session(session))
        .andExpect(jsonPath("$.leanings[0].failures").value(1));
    mvc.perform(get(leanings(id, pupil(id, 1))).session(session))
        .andExpect(jsonPath("$.leanings", hasSize(0)));
    mvc.perform(get(leanings(id, 999_999)).session(session))
        .andExpect(status().isNotFound())
        .andExpect(jsonPath("$.detail", containsString("999999")));
  }

  private static String leanings(long id, long pupil) {
    return "/api/classes/" + id + "/pupils/" + pupil + "/leanings";
  }

  @Test
  void importsGoodLinesNamesBadOnesAndChangesNothingTheSecondTime() throws Exception {
    long id = newClass("Import");
    String csv =
        "date,pupil,target,attempt\n2026-02-02,Ada,badge,bage\n2026-02-03,Ada,ledge,lege\n"
            + "2026-02-04,Bea,cage,\n2026-02-04,Nobody,cage,cage\nyesterday,Ada,cage,cage\n"
            + "2026-02-05,Ada,fudge,fuge\n2026-02-05,Ada,=1+1,x\n";
    load(id, csv)
        .andExpect(jsonPath("$.imported").value(4))
        .andExpect(jsonPath("$.rejected", hasSize(3)))
        .andExpect(jsonPath("$.rejected[0].line").value(5))
        .andExpect(jsonPath("$.rejected[0].reason", containsString("Nobody")))
        .andExpect(jsonPath("$.rejected[1].line").value(6));
    load(id, csv).andExpect(jsonPath("$.imported").value(0));
    mvc.perform(get("/api/classes/" + id + "/attempts.csv").session(session))
        .andExpect(
            content()
                .string(containsString("2026-02-02,Ada,badge,bage,READS_OTHERWISE,final-j=UNDER")))
        .andExpect(content().string(containsString("2026-02-04,Bea,cage,,BLANK")));
    mvc.perform(get("/api/classes/" + id + "/findings?asOf=2026-03-01").session(session))
        .andExpect(jsonPath("$.findings", hasSize(1)))
        .andExpect(jsonPath("$.findings[0].pupil").value("Ada"))
        .andExpect(jsonPath("$.findings[0].rule").value("final-j"))
        .andExpect(jsonPath("$.findings[0].kind").value("UNDER"))
        .andExpect(jsonPath("$.findings[0].failures").value(3))
        .andExpect(jsonPath("$.findings[0].evidence", hasSize(3)));
    mvc.perform(get("/api/classes/" + id + "/findings?asOf=2026-02-01").session(session))
        .andExpect(jsonPath("$.findings", hasSize(0)));
  }

  @Test
  void refusesAFileWithoutItsHeadings() throws Exception {
    load(newClass("Headings"), "day,child\n1,2\n").andExpect(status().isBadRequest());
  }

  @Test
  void keepsFormulasHarmlessOnTheWayOutAndIn() throws Exception {
    long id = newClass("Formula");
    load(id, "date,pupil,target,attempt\n2026-02-02,Ada,cat,=cat\n");
    String out =
        mvc.perform(get("/api/classes/" + id + "/attempts.csv").session(session))
            .andExpect(content().string(containsString("cat,'=cat,")))
            .andReturn()
            .getResponse()
            .getContentAsString();
    load(id, out).andExpect(jsonPath("$.imported").value(0));
  }

  private long pupil(long classId, int place) throws Exception {
    String body =
        mvc.perform(get("/api/classes/" + classId).session(session))
            .andReturn()
            .getResponse()
            .getContentAsString();
    return json.readTree(body).get("pupils").get(place).get("id").asLong();
  }

  private long newClass(String name) throws Exception {
    String body =
        mvc.perform(
                write(
                    post("/api/classes"),
                    "{\"name\":\""
                        + name
                        + "\",\"accent\":\"en-GB\",\"pupils\":[\"Ada\",\"Bea\"]}"))
            .andExpect(status().isCreated())
            .andExpect(jsonPath("$.pupils[*].name", contains("Ada", "Bea")))
            .andReturn()
            .getResponse()
            .getContentAsString();
    return json.readTree(body).get("id").asLong();
  }

  private ResultActions load(long id, String csv) throws Exception {
    return mvc.perform(
        post("/api/classes/" + id + "/attempts/import")
            .session(session)
            .with(csrf())
            .contentType("text/csv")
            .content(csv));
  }

  @Test
  void refusesAClassWithTwoChildrenOfOneName() throws Exception {
    mvc.perform(
            write(
                post("/api/classes"),
                "{\"name\":\"Twins\",\"accent\":\"en-GB\",\"pupils\":[\"Ada\",\"Ada\"]}"))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString("'Ada' is there twice")));
  }

  @Test
  void hidesClassesOfOthers() throws Exception {
    mvc.perform(get("/api/classes/999999").session(session)).andExpect(status().isNotFound());
    mvc.perform(get("/api/dictations/999999").session(session)).andExpect(status().isNotFound());
  }

  @Test
  void namesEveryPlantedHabitOfTheDemoClassAndNobodyElse() throws Exception {
    JsonNode findings =
        json.readTree(
                mvc.perform(get("/api/classes/1/findings").session(session))
                    .andReturn()
                    .getResponse()
                    .getContentAsString())
            .get("findings");
    Set<String> found = new TreeSet<>();
    findings.forEach(
        f ->
            found.add(
                f.get("pupil").asText()
                    + " "
                    + f.get("rule").asText()
                    + " "
                    + f.get("kind").asText()));
    assertEquals(new TreeSet<>(PlantedHabits.all()), found);
  }

  @Test
  void planRewriteTypeAndOverrideARoundTrip() throws Exception {
    long of = newClass("Round trip");
    JsonNode made =
        read(
            write(
                post("/api/classes/" + of + "/dictations"),
                "{\"date\":\"2026-03-02\",\"rule\":\"final-j\"}"));
    long id = made.get("id").asLong();
    JsonNode planned =
        read(
            write(
                put("/api/dictations/" + id),
                "{\"rule\":\"final-j\",\"sentence\":\"A gull.\",\"words\":[\"badge\",\"Cage\"]}"));
    assertEquals("cage", planned.at("/items/1/word").asText());
    assertEquals("NOT_DUE", planned.at("/items/1/side").asText());
    long pupil = planned.at("/papers/0/pupil/id").asLong();
    long item = planned.at("/items/0/id").asLong();
    String typed =
        "{\"pupilId\":"
            + pupil
            + ",\"itemId\":"
            + item
            + ",\"written\":\"bage\",\"state\":\"WRITTEN\"}";
    JsonNode cell = read(write(put("/api/dictations/" + id + "/attempts"), typed));
    assertEquals("READS_OTHERWISE", cell.at("/mark/result").asText());
    assertTrue(cell.at("/mark/facts/0/sentence").asText().contains("dge is due"), cell.toString());
    mvc.perform(
            write(
                put("/api/dictations/" + id),
                "{\"rule\":\"final-j\",\"sentence\":\"\",\"words\":[\"ledge\"]}"))
        .andExpect(status().isConflict());
    mvc.perform(
            write(
                put("/api/attempts/" + cell.get("attemptId").asLong() + "/override"),
                "{\"result\":\"RIGHT\",\"note\":\"agreed\"}"))
        .andExpect(jsonPath("$.override").value("RIGHT"));
    mvc.perform(get("/api/dictations/" + id).session(session))
        .andExpect(jsonPath("$.papers[0].cells[0].written").value("bage"))
        .andExpect(jsonPath("$.papers[0].cells[0].override").value("RIGHT"));
    mvc.perform(get("/api/classes/" + of + "/attempts.csv").session(session))
        .andExpect(content().string(containsString("badge,bage,RIGHT,final-j=APPLIED")));
    mvc.perform(
            write(
                put("/api/attempts/" + cell.get("attemptId").asLong() + "/override"),
                "{\"result\":\"ABSENT\",\"note\":\"smudged\"}"))
        .andExpect(status().isOk());
    mvc.perform(get("/api/classes/" + of + "/attempts.csv").session(session))
        .andExpect(content().string(containsString("badge,bage,ABSENT,")))
        .andExpect(content().string(not(containsString("badge,bage,ABSENT,final-j"))));
  }

  @Test
  void proposesWordsWithTheReason() throws Exception {
    mvc.perform(get("/api/classes/1/candidates?rule=final-j&beats=1").session(session))
        .andExpect(jsonPath("$.words[0].why", containsString("due")))
        .andExpect(jsonPath("$.words[*].untaught", everyItem(is(List.of()))));
    mvc.perform(
            write(
                post("/api/classes/1/choose"),
                "{\"rule\":\"final-j\",\"count\":8,\"easiestFirst\":false,\"without\":[\"cage\"],\"seed\":4}"))
        .andExpect(jsonPath("$", hasSize(8)))
        .andExpect(jsonPath("$[*].word", not(hasItem("cage"))));
  }

  @Test
  void theCommittedApiDocumentIsCurrent() throws Exception {
    String now =
        mvc.perform(get("/api/openapi").session(session))
            .andReturn()
            .getResponse()
            .getContentAsString(StandardCharsets.UTF_8);
    Path committed = Path.of("../web/openapi.json");
    if (Boolean.getBoolean("dettato.api.write")) {
      Files.writeString(
          committed,
          json.writerWithDefaultPrettyPrinter().writeValueAsString(json.readTree(now)) + "\n");
    }
    assertEquals(
        json.readTree(Files.readString(committed)),
        json.readTree(now),
        "run the tests with -Ddettato.api.write=true, then npm run api in web/");
  }
}
