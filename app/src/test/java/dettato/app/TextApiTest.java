package dettato.app;

import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.everyItem;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.lessThanOrEqualTo;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Sentences, the check of a text, chains and pairs. */
class TextApiTest extends ApiCase {
  @Test
  void findsSentencesByRuleStepLengthAndKind() throws Exception {
    mvc.perform(
            get("/api/sentences?rule=final-j&step=60&words=4-7&kind=STATEMENT&limit=5")
                .session(session))
        .andExpect(jsonPath("$.sentences", hasSize(5)))
        .andExpect(jsonPath("$.sentences[*].words", everyItem(lessThanOrEqualTo(7))))
        .andExpect(jsonPath("$.sentences[*].kind", everyItem(containsString("STATEMENT"))))
        .andExpect(jsonPath("$.sentences[*].step", everyItem(lessThanOrEqualTo(60))))
        .andExpect(jsonPath("$.sentences[0].tests[*].rule", hasItem("final-j")))
        .andExpect(jsonPath("$.total", greaterThan(5)));
  }

  @Test
  void findsSentencesBySoundAndGrapheme() throws Exception {
    mvc.perform(
            get("/api/sentences")
                .queryParam("sound", "eɪ")
                .queryParam("grapheme", "ai")
                .session(session))
        .andExpect(jsonPath("$.total", greaterThan(10)));
    mvc.perform(get("/api/sentences?words=many").session(session))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString("4-8")));
    mvc.perform(get("/api/sentences?rule=no-such").session(session))
        .andExpect(status().isBadRequest());
  }

  @Test
  void checksATextByTheClassOrByAStep() throws Exception {
    mvc.perform(
            write(
                post("/api/texts/check"),
                body(
                    "accent",
                    "en-GB",
                    "step",
                    200,
                    "text",
                    "The rain came on monday.",
                    "focus",
                    Map.of("sound", "eɪ", "graphemes", List.of("ai", "eigh")))))
        .andExpect(jsonPath("$.words[*].word", contains("The", "rain", "came", "on", "monday")))
        .andExpect(jsonPath("$.words[1].at").value(4))
        .andExpect(jsonPath("$.warnings[*].kind", hasItem("EMPTY_COLUMN")))
        .andExpect(jsonPath("$.warnings[*].kind", hasItem("NAME_WITHOUT_CAPITAL")))
        .andExpect(
            jsonPath("$.counts[?(@.sound=='eɪ' && @.grapheme=='ai')].words[0]", hasItem("rain")));
  }

  @Test
  void findsEveryPairOfAWord() throws Exception {
    mvc.perform(get("/api/pairs?word=cat&limit=100").session(session))
        .andExpect(jsonPath("$.pairs[*].b", hasItem("hat")))
        .andExpect(jsonPath("$.pairs[*].b", hasItem("cut")))
        .andExpect(jsonPath("$.pairs[*].a", everyItem(containsString("cat"))));
  }

  @Test
  void makesAChainOrSaysTheLongest() throws Exception {
    mvc.perform(get("/api/chains?length=9&sounds=3-4&seed=5").session(session))
        .andExpect(jsonPath("$.words", hasSize(9)))
        .andExpect(jsonPath("$.moves", hasSize(8)));
    mvc.perform(get("/api/chains?length=30&step=2&sounds=2-3").session(session))
        .andExpect(status().isNotFound())
        .andExpect(jsonPath("$.detail", containsString("the longest has")));
  }

  @ParameterizedTest(name = "{0}: {1} and {2}")
  @CsvSource({"split-vowel, hop, hope", "sound:p-b, cap, cab", "voicing, back, bag"})
  void findsPairs(String contrast, String a, String b) throws Exception {
    mvc.perform(
            get("/api/pairs")
                .queryParam("contrast", contrast)
                .queryParam("limit", "200")
                .session(session))
        .andExpect(jsonPath("$.pairs[?(@.a=='%s' && @.b=='%s')]".formatted(a, b), hasSize(1)));
  }

  @Test
  void refusesAnUnknownContrast() throws Exception {
    mvc.perform(get("/api/pairs?contrast=nothing").session(session))
        .andExpect(status().isBadRequest());
  }

  @Test
  void givesTextsToHuntASoundThrough() throws Exception {
    mvc.perform(get("/api/passages").session(session))
        .andExpect(jsonPath("$.length()", greaterThan(59)))
        .andExpect(jsonPath("$[0].questions.length()", greaterThan(2)))
        .andExpect(jsonPath("$[0].columns", hasSize(0)));
    mvc.perform(get("/api/passages").queryParam("sound", "iː").session(session))
        .andExpect(jsonPath("$[0].columns.length()", greaterThan(1)))
        .andExpect(jsonPath("$[0].spans.length()", greaterThan(4)));
  }
}
