package dettato.app;

import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Collections;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;

/** Marks of pairs, with nothing stored. */
class MarkingApiTest extends ApiCase {
  private static final String SMUGE =
      "{\"accent\":\"en-GB\",\"pairs\":[{\"target\":\"smudge\",\"attempt\":\"smuge\"}]}";

  @Test
  void previewsAMark() throws Exception {
    preview(SMUGE)
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.results[0].result").value("READS_OTHERWISE"))
        .andExpect(jsonPath("$.results[0].units[3].written").value("ge"))
        .andExpect(jsonPath("$.results[0].units[3].verdict").value("ALTERNATIVE"))
        .andExpect(jsonPath("$.results[0].rules[0].rule").value("final-j"))
        .andExpect(jsonPath("$.results[0].rules[0].outcome").value("UNDER"))
        .andExpect(jsonPath("$.results[0].rules[0].condition").value("final-j/short"))
        .andExpect(jsonPath("$.results[0].readsAs").value("/smjuːdʒ/"))
        .andExpect(jsonPath("$.results[0].facts").isNotEmpty());
    preview(
            "{\"accent\":\"en-GB\",\"pairs\":[{\"target\":\"burst\",\"attempt\":\"brust\"},{\"target\":\"glum\",\"attempt\":\"gulum\"}]}")
        .andExpect(jsonPath("$.results[0].swapped[0]", contains(1, 1)))
        .andExpect(jsonPath("$.results[1].extra[0].written").value("u"))
        .andExpect(jsonPath("$.results[1].extra[0].before").value(1));
  }

  @Test
  void bulkWorkMayLeaveOutWhatExplains() throws Exception {
    JsonNode all = read(write(post("/api/marking/preview"), SMUGE)).at("/results/0");
    JsonNode bare = read(write(post("/api/marking/preview?detail=marks"), SMUGE)).at("/results/0");
    assertEquals(all.get("units"), bare.get("units"));
    for (String told : java.util.List.of("rule", "condition", "outcome", "unit", "written")) {
      assertEquals(all.at("/rules/0/" + told), bare.at("/rules/0/" + told));
    }
    assertTrue(all.at("/rules/0/why").isTextual() && bare.at("/rules/0/why").isMissingNode());
    for (String left : java.util.List.of("facts", "rivals", "confidence")) {
      assertTrue(all.has(left) && !bare.has(left), left);
    }
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

  @Test
  void aMillionLettersAreTooManyAtOnce() throws Exception {
    Object pair = Map.of("target", "cat", "attempt", "c".repeat(1_999));
    preview(body("accent", "en-GB", "pairs", Collections.nCopies(600, pair)))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString("1000000 at once")));
  }

  private ResultActions preview(String body) throws Exception {
    return mvc.perform(write(post("/api/marking/preview"), body));
  }

  @Test
  void previewsASentence() throws Exception {
    mvc.perform(
            write(
                post("/api/marking/preview-sentence"),
                body("accent", "en-GB", "target", "The gull sat.", "attempt", "the gull")))
        .andExpect(jsonPath("$.words[2].kind").value("MISSING"))
        .andExpect(jsonPath("$.conventions[0].rule").value("capital-start"))
        .andExpect(jsonPath("$.conventions[0].outcome").value("UNDER"));
    mvc.perform(
            write(
                post("/api/marking/preview-sentence"),
                body("accent", "en-GB", "target", "The gull.", "attempt", "a ".repeat(151))))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString("150 words")));
  }
}
