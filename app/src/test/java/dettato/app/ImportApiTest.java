package dettato.app;

import static org.hamcrest.Matchers.containsString;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;

/** What a file of attempts may be, and what is said of one that is too much. */
class ImportApiTest extends ApiCase {
  private static final String HEAD = "date,pupil,target,attempt\n";
  private static final int MOST = 20_000;

  @Test
  void aFileOfTooManyLinesIsRefusedWholeWithTheLimit() throws Exception {
    long of = newClass("Long file");
    String line = "2026-03-02,Ada,badge,baj\n";
    load(of, HEAD + line.repeat(MOST + 1))
        .andExpect(status().isPayloadTooLarge())
        .andExpect(jsonPath("$.detail", containsString("at most 20,000 lines")));
    assertEquals(1, csv(of).lines().count(), "nothing but the head is kept");
    load(of, HEAD + line.repeat(MOST))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.imported").value(1));
  }

  @Test
  void aFileOfTooManyBytesIsRefusedBeforeItIsRead() throws Exception {
    load(newClass("Large file"), HEAD + "x".repeat(5 * 1024 * 1024))
        .andExpect(status().isPayloadTooLarge())
        .andExpect(jsonPath("$.detail", containsString("20,000 lines and 4096 kB")));
  }

  @Test
  void theFirstBadLinesAreNamedAndTheRestCounted() throws Exception {
    String answer =
        load(
                newClass("Bad lines"),
                HEAD + ("2026-03-02," + "Nobody".repeat(60) + ",badge,baj\n").repeat(9_000))
            .andExpect(status().isOk())
            .andReturn()
            .getResponse()
            .getContentAsString(StandardCharsets.UTF_8);
    assertTrue(answer.length() < 100_000, answer.length() + " letters");
    JsonNode told = json.readTree(answer);
    assertEquals(2, told.at("/rejected/0/line").asInt());
    assertTrue(told.get("rejected").size() > 300, told.get("rejected").size() + " named");
    assertEquals(9_000, told.get("rejected").size() + told.get("unnamed").asInt());
  }

  @Test
  void aFileThatBeginsWithAMarkIsReadToo() throws Exception {
    load(newClass("Marked file"), "\uFEFF" + HEAD + "2026-03-02,Ada,badge,baj\n")
        .andExpect(jsonPath("$.imported").value(1));
  }
}
