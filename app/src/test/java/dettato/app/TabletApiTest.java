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
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.request;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** A child's device: no login, a code and a token of its own, and nothing but its own paper. */
class TabletApiTest extends ApiCase {
  @Autowired private JdbcTemplate jdbc;
  private static final long LONG = 10_000;
  private long of;
  private JsonNode planned;
  private String code;

  @BeforeEach
  void handsOut() throws Exception {
    of = newClass("Tablets");
    planned = plan(newSession(of, TODAY), "The gull sat.", "badge", "cage");
    code = handout(planned).get("code").asText();
  }

  private JsonNode handout(JsonNode session) throws Exception {
    return read(write(post("/api/sessions/" + session.get("id").asLong() + "/handout"), ""));
  }

  /** As a device asks: with no session of a teacher. */
  private ResultActions device(MockHttpServletRequestBuilder request, String body)
      throws Exception {
    return mvc.perform(request.with(csrf()).contentType(MediaType.APPLICATION_JSON).content(body));
  }

  private JsonNode told(ResultActions actions) throws Exception {
    return json.readTree(
        actions
            .andExpect(status().is2xxSuccessful())
            .andReturn()
            .getResponse()
            .getContentAsString(StandardCharsets.UTF_8));
  }

  private String sit(long pupil) throws Exception {
    return told(device(post("/api/tablet/sit"), body("code", code, "pupilId", pupil)))
        .get("token")
        .asText();
  }

  private ResultActions write(String token, long item, String written) throws Exception {
    return device(
        put("/api/tablet/items/" + item).header("Tablet-Token", token), body("written", written));
  }

  private long item(int place) {
    return planned.at("/blocks/0/items/" + place + "/id").asLong();
  }

  @Test
  void aChildWritesAndTheTeacherHasIt() throws Exception {
    JsonNode room =
        told(device(post("/api/tablet/join"), body("code", " " + code.toUpperCase() + " ")));
    assertEquals(2, room.get("children").size());
    String token = sit(pupil(of, 0));
    JsonNode sheet = told(device(get("/api/tablet/sheet").header("Tablet-Token", token), ""));
    assertEquals(3, sheet.get("items").size());
    assertTrue(sheet.at("/items/2/isLong").asBoolean(), "the sentence");
    write(token, item(0), "bage").andExpect(status().isNoContent());
    JsonNode papers = read("/api/sessions/" + planned.get("id").asLong() + "/papers");
    assertEquals("bage", papers.at("/0/cells/0/written").asText());
    assertEquals("READS_OTHERWISE", papers.at("/0/cells/0/result").asText());
    device(post("/api/tablet/hand-in").header("Tablet-Token", token), "")
        .andExpect(status().isNoContent());
    JsonNode view = read("/api/sessions/" + planned.get("id").asLong() + "/handout");
    assertEquals("HANDED_IN", view.at("/children/0/at").asText());
    assertEquals(1, view.at("/children/0/written").asInt());
    assertEquals("NOT_HERE", view.at("/children/1/at").asText());
  }

  @Test
  void aDeviceIsToldNoWordAndNothingThatIsWritten() throws Exception {
    String token = sit(pupil(of, 0));
    write(token, item(0), "bage");
    for (String other : new String[] {token, sit(pupil(of, 0)), sit(pupil(of, 1))}) {
      String sheet =
          device(get("/api/tablet/sheet").header("Tablet-Token", other), "")
              .andReturn()
              .getResponse()
              .getContentAsString();
      for (String word : new String[] {"badge", "cage", "bage", "gull"}) {
        assertFalse(sheet.contains(word), sheet);
      }
    }
  }

  @Test
  void aTokenReachesItsOwnSessionAloneAndEndsWithIt() throws Exception {
    String token = sit(pupil(of, 0));
    JsonNode other = plan(newSession(newClass("Others"), TODAY), "", "ledge");
    write(token, other.at("/blocks/0/items/0/id").asLong(), "x").andExpect(status().isNotFound());
    device(
            post("/api/tablet/sit"),
            body("code", code, "pupilId", pupil(other.get("classId").asLong(), 0)))
        .andExpect(status().isNotFound());
    for (String path : new String[] {"/papers", "", "/handout", "/scores"}) {
      mvc.perform(
              get("/api/sessions/" + planned.get("id").asLong() + path)
                  .header("Tablet-Token", token))
          .andExpect(status().isUnauthorized());
    }
    write("none", item(0), "x").andExpect(status().isNotFound());
    doing(
            delete("/api/sessions/" + planned.get("id").asLong() + "/handout")
                .session(session)
                .with(csrf()))
        .andExpect(status().isNoContent());
    write(token, item(0), "x").andExpect(status().isNotFound());
    device(post("/api/tablet/join"), body("code", code)).andExpect(status().isNotFound());
  }

  @Test
  void twentyWrongCodesAndThatAddressWaits() throws Exception {
    for (int i = 0; i < 20; i++) {
      device(from("10.0.0.7", post("/api/tablet/join")), body("code", "zzzzz" + i % 10))
          .andExpect(status().isNotFound());
    }
    device(from("10.0.0.7", post("/api/tablet/join")), body("code", code))
        .andExpect(status().isTooManyRequests())
        .andExpect(jsonPath("$.detail", containsString("Wait five minutes")));
    device(from("10.0.0.8", post("/api/tablet/join")), body("code", code))
        .andExpect(status().isOk());
  }

  private static MockHttpServletRequestBuilder from(
      String address, MockHttpServletRequestBuilder request) {
    return request.with(
        r -> {
          r.setRemoteAddr(address);
          return r;
        });
  }

  @Test
  void theAddressIsAPictureAndTheCodeStaysWhileItIsOpen() throws Exception {
    assertEquals(code, handout(planned).get("code").asText());
    doing(get("/api/sessions/" + planned.get("id").asLong() + "/handout.png").session(session))
        .andExpect(status().isOk())
        .andExpect(content().contentType(MediaType.IMAGE_PNG));
  }

  /** A code that is over and a new one: who sat with the old one does not go on writing. */
  @Test
  void whoSatWithACodeThatIsOverSitsAgain() throws Exception {
    String token = sit(pupil(of, 0));
    jdbc.update(
        "update handout set ends_at = ? where session_id = ?",
        java.sql.Timestamp.from(java.time.Instant.EPOCH),
        planned.get("id").asLong());
    write(token, item(0), "bage").andExpect(status().isNotFound());
    code = handout(planned).get("code").asText();
    write(token, item(0), "bage").andExpect(status().isNotFound());
    write(sit(pupil(of, 0)), item(0), "bage").andExpect(status().isNoContent());
  }

  /** A page listens as long as its login lasts, and no longer. */
  @Test
  void aPageHearsNothingMoreAfterItsTeacherHasLoggedOut() throws Exception {
    MockHttpSession leaving = logIn("demo", "demo-dettato");
    MvcResult line =
        mvc.perform(get("/api/sessions/" + planned.get("id").asLong() + "/events").session(leaving))
            .andExpect(request().asyncStarted())
            .andReturn();
    String token = sit(pupil(of, 0));
    write(token, item(0), "bage").andExpect(status().isNoContent());
    await(() -> heard(line).contains("bage"));
    mvc.perform(delete("/api/login").session(leaving).with(csrf()))
        .andExpect(status().isNoContent());
    line.getAsyncResult(LONG);
    write(token, item(1), "caj").andExpect(status().isNoContent());
    // What is told is told in order: when this line has heard of it, the other would have.
    MvcResult mine =
        mvc.perform(get("/api/sessions/" + planned.get("id").asLong() + "/events").session(session))
            .andReturn();
    write(token, item(1), "cag").andExpect(status().isNoContent());
    await(() -> heard(mine).contains("cag"));
    assertFalse(heard(line).contains("caj"), heard(line));
  }

  private static String heard(MvcResult line) {
    return new String(line.getResponse().getContentAsByteArray(), StandardCharsets.UTF_8);
  }

  private static void await(BooleanSupplier there) throws InterruptedException {
    for (int i = 0; i < 200 && !there.getAsBoolean(); i++) {
      Thread.sleep(50);
    }
    assertTrue(there.getAsBoolean());
  }
}
