package dettato.app;

import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.everyItem;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.http.HttpMethod;

/** Words: search, readings, proposals, own words, sounds and rivals. */
class WordApiTest extends ApiCase {
  @Test
  void cutsAWordIntoUnits() throws Exception {
    mvc.perform(get("/api/words/ridge").session(session))
        .andExpect(jsonPath("$.units[*].grapheme", contains("r", "i", "dge")))
        .andExpect(jsonPath("$.units[*].phoneme", contains("r", "ɪ", "dʒ")))
        .andExpect(jsonPath("$.rules", contains("final-j")))
        .andExpect(jsonPath("$.source").value("LEXICON"));
    mvc.perform(get("/api/words/rabbit").session(session))
        .andExpect(jsonPath("$.beats[*].letters", contains("rab", "bit")))
        .andExpect(jsonPath("$.beats[0].why").value("twin letters part, one for each beat"));
    mvc.perform(get("/api/words/zog").session(session))
        .andExpect(jsonPath("$.source").value("GUESS"));
    mvc.perform(get("/api/words/box").session(session))
        .andExpect(jsonPath("$.units[2].phoneme").value("ks"));
  }

  /**
   * A word that is on its side of a rule by heart alone, or by an irregular join, goes against it.
   */
  @ParameterizedTest(name = "{0} does not test {1}")
  @CsvSource({"metal, final-le", "slept, past-ed", "much, final-ch", "truly, drop-e"})
  void namesTheRulesAWordGoesAgainst(String word, String rule) throws Exception {
    mvc.perform(get("/api/words/" + word).session(session))
        .andExpect(jsonPath("$.rules", not(hasItem(rule))))
        .andExpect(jsonPath("$.exceptions", hasItem(rule)));
  }

  @Test
  void tellsARuleByItsConditionsWithFiguresExamplesAndExceptions() throws Exception {
    mvc.perform(get("/api/rules").session(session))
        .andExpect(
            jsonPath(
                "$[?(@.id=='final-ch')].conditions[*].id",
                contains("final-ch/short", "final-ch/consonant", "final-ch/team", "final-ch/r")))
        .andExpect(jsonPath("$[?(@.id=='final-ch')].conditions[0].exceptions[*]", hasItem("much")))
        .andExpect(jsonPath("$[?(@.id=='final-ch')].conditions[1].examples[*]", hasItem("bench")))
        .andExpect(jsonPath("$[*].conditions[?(@.holds > @.total)]", hasSize(0)))
        .andExpect(
            jsonPath(
                "$[*].conditions[?(@.id=='final-double/longer')].examples[*]", hasItem("April")));
  }

  @Test
  void inventsWordsByRuleWithEveryLegalSpelling() throws Exception {
    mvc.perform(get("/api/invented-words?rule=final-j&grapheme=dge&count=3").session(session))
        .andExpect(jsonPath("$", hasSize(3)))
        .andExpect(jsonPath("$[0].units[-1:].grapheme", contains("dge")))
        .andExpect(jsonPath("$[0].legal[0]").isNotEmpty());
    mvc.perform(get("/api/invented-words?rule=no-such").session(session))
        .andExpect(status().isBadRequest());
    mvc.perform(get("/api/invented-words?count=99").session(session))
        .andExpect(status().isBadRequest());
  }

  @Test
  void listsWordsByRuleGraphemeSoundAndPlace() throws Exception {
    mvc.perform(
            get("/api/words?rule=final-j&grapheme=dge&sound=dʒ&position=END&limit=5")
                .session(session))
        .andExpect(jsonPath("$.words", hasSize(5)))
        .andExpect(jsonPath("$.words[*].rules", everyItem(hasItem("final-j"))));
    mvc.perform(get("/api/words?limit=-1").session(session)).andExpect(status().isBadRequest());
    mvc.perform(get("/api/words?rule=no-such").session(session)).andExpect(status().isBadRequest());
    mvc.perform(get("/api/words?position=NOWHERE").session(session))
        .andExpect(status().isBadRequest());
  }

  @Test
  void findsWordsByEveryFilterAtOnce() throws Exception {
    mvc.perform(
            get("/api/words?pattern=*ight&sound=aɪ&grapheme=igh&maxSounds=4&maxBeats=1&cluster=START")
                .session(session))
        .andExpect(jsonPath("$.words[*].spelling", hasItem("bright")))
        .andExpect(jsonPath("$.words[*].spelling", not(hasItem("night"))));
    mvc.perform(get("/api/words?pattern=a%26b").session(session))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString("a to z")));
    mvc.perform(get("/api/words?homophone=true&pattern=sea").session(session))
        .andExpect(jsonPath("$.words[?(@.spelling == 'sea')].homophones[*]", hasItem("see")));
  }

  @Test
  void readsAHeteronymBothWaysAndProposesForAnUnknownWord() throws Exception {
    mvc.perform(get("/api/words/wind/readings").session(session))
        .andExpect(jsonPath("$", hasSize(2)))
        .andExpect(jsonPath("$[1].units[1].phoneme").value("aɪ"));
    mvc.perform(get("/api/words/skerry/proposals?limit=2").session(session))
        .andExpect(jsonPath("$.source").value("GUESS"))
        .andExpect(jsonPath("$.proposals", hasSize(2)))
        .andExpect(jsonPath("$.proposals[0].units[0].grapheme").value("s"));
    mvc.perform(get("/api/words/ridge/proposals").session(session))
        .andExpect(jsonPath("$.source").value("LEXICON"))
        .andExpect(jsonPath("$.proposals", hasSize(1)));
  }

  @Test
  void aWordReadInTwoWaysIsMarkedByTheReadingThatTheSchoolMeans() throws Exception {
    mvc.perform(get("/api/words/wind/proposals").session(session))
        .andExpect(
            jsonPath("$.proposals[*].clue", contains("moving air", "to turn round and round")))
        .andExpect(jsonPath("$.proposals[1].units[1].phoneme").value("aɪ"));
    mvc.perform(
            write(
                put("/api/own-words/wind?accent=en-GB"),
                "{\"units\":[{\"grapheme\":\"w\",\"phoneme\":\"w\"},{\"grapheme\":\"i\",\"phoneme\":\"aɪ\"},"
                    + "{\"grapheme\":\"n\",\"phoneme\":\"n\"},{\"grapheme\":\"d\",\"phoneme\":\"d\"}],"
                    + "\"clue\":\"to turn round and round\",\"choose\":true}"))
        .andExpect(status().isOk());
    mvc.perform(
            write(
                post("/api/marking/preview"),
                "{\"accent\":\"en-GB\",\"pairs\":[{\"target\":\"wind\",\"attempt\":\"wined\"}]}"))
        .andExpect(jsonPath("$..result", contains("READS_RIGHT")));
    mvc.perform(get("/api/words/wind/proposals").session(session))
        .andExpect(
            jsonPath("$.proposals[*].clue", contains("to turn round and round", "moving air")));
    mvc.perform(write(request(HttpMethod.DELETE, "/api/own-words/wind?accent=en-GB"), ""))
        .andExpect(status().isNoContent());
  }

  @Test
  void keepsAnOwnWordAndFindsItAtOnce() throws Exception {
    mvc.perform(
            write(
                put("/api/own-words/Quoyle?accent=en-GB"),
                "{\"units\":[{\"grapheme\":\"qu\",\"phoneme\":\"k\"},{\"grapheme\":\"oy\",\"phoneme\":\"ɔɪ\"},"
                    + "{\"grapheme\":\"le\",\"phoneme\":\"l\"}],\"clue\":\"a place on the island\",\"choose\":true}"))
        .andExpect(jsonPath("$.own").value(true));
    mvc.perform(get("/api/words/quoyle").session(session))
        .andExpect(jsonPath("$.source").value("LEXICON"))
        .andExpect(jsonPath("$.units[0].phoneme").value("k"));
    mvc.perform(get("/api/words?pattern=quoyle").session(session))
        .andExpect(jsonPath("$.total").value(1));
    mvc.perform(write(request(HttpMethod.DELETE, "/api/own-words/quoyle"), ""))
        .andExpect(status().isNoContent());
    mvc.perform(get("/api/words/quoyle").session(session))
        .andExpect(jsonPath("$.source").value("GUESS"));
    mvc.perform(write(request(HttpMethod.DELETE, "/api/own-words/quoyle"), ""))
        .andExpect(status().isNotFound());
  }

  @Test
  void saysWhatIsWrongWithAnOwnWord() throws Exception {
    mvc.perform(
            write(
                put("/api/own-words/zog"),
                "{\"units\":[{\"grapheme\":\"z\",\"phoneme\":\"q\"}],\"clue\":\"\",\"choose\":false}"))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString("cannot say 'q'")));
    mvc.perform(
            write(
                put("/api/own-words/zog"),
                "{\"units\":[{\"grapheme\":\"z\",\"phoneme\":\"z\"}],\"clue\":\"\",\"choose\":false}"))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail", containsString("do not spell")));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "[{\"grapheme\":null,\"phoneme\":\"z\"}]",
        "[{\"grapheme\":\"z\",\"phoneme\":null}]",
        "[{\"grapheme\":\"\",\"phoneme\":\"z\"}]",
        "[null]",
        "null"
      })
  void anOwnWordHasASoundForEveryGrapheme(String units) throws Exception {
    mvc.perform(
            write(
                put("/api/own-words/zog"),
                "{\"units\":" + units + ",\"clue\":\"\",\"choose\":false}"))
        .andExpect(status().isBadRequest());
  }

  @ParameterizedTest
  @ValueSource(strings = {"<b>bat", "bat<", "ba4t", "-", "bat!"})
  void whatIsNoWordIsRefusedWithWhatAWordIs(String typed) throws Exception {
    for (String path : List.of("", "/readings", "/proposals")) {
      mvc.perform(get("/api/words/{word}" + path, typed).session(session))
          .andExpect(status().isBadRequest())
          .andExpect(jsonPath("$.detail", containsString("is no word")));
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"don't", "ice-cream", "of course", "café", "Zoë"})
  void anApostropheAHyphenOrASpaceMayStandInside(String typed) throws Exception {
    mvc.perform(get("/api/words/{word}", typed).session(session)).andExpect(status().isOk());
  }

  @Test
  void takesOwnWordsOutAndInAsAPronunciationLexicon() throws Exception {
    String own =
        "{\"units\":[{\"grapheme\":\"z\",\"phoneme\":\"z\"},{\"grapheme\":\"o\",\"phoneme\":\"ɒ\"},"
            + "{\"grapheme\":\"gg\",\"phoneme\":\"ɡ\"}],\"clue\":\"a made-up word\",\"choose\":true}";
    mvc.perform(write(put("/api/own-words/zogg"), own)).andExpect(status().isOk());
    String out = pls();
    mvc.perform(write(request(HttpMethod.DELETE, "/api/own-words/zogg"), ""));
    mvc.perform(
            post("/api/own-words/import")
                .session(session)
                .with(csrf())
                .contentType("application/pls+xml")
                .content(out.getBytes(StandardCharsets.UTF_8)))
        .andExpect(jsonPath("$.imported").value(1))
        .andExpect(jsonPath("$.rejected", hasSize(0)));
    assertEquals(out, pls());
    mvc.perform(
            post("/api/own-words/import")
                .session(session)
                .with(csrf())
                .contentType("application/pls+xml")
                .content(
                    """
                    <lexicon version="1.0" alphabet="ipa" xml:lang="en-GB"
                        xmlns="http://www.w3.org/2005/01/pronunciation-lexicon">
                      <lexeme><grapheme>skerry</grapheme><phoneme>ˈsker.i</phoneme></lexeme>
                      <lexeme><grapheme>quoin</grapheme><phoneme>zzz</phoneme></lexeme>
                    </lexicon>
                    """
                        .getBytes(StandardCharsets.UTF_8)))
        .andExpect(jsonPath("$.imported").value(1))
        .andExpect(jsonPath("$.rejected[0].line").value(4));
    mvc.perform(get("/api/words/skerry").session(session))
        .andExpect(jsonPath("$.units[3].grapheme").value("rr"));
    mvc.perform(
            post("/api/own-words/import")
                .session(session)
                .with(csrf())
                .contentType("application/pls+xml")
                .content("<html/>"))
        .andExpect(status().isBadRequest());
    mvc.perform(write(request(HttpMethod.DELETE, "/api/own-words/zogg"), ""));
    mvc.perform(write(request(HttpMethod.DELETE, "/api/own-words/skerry"), ""));
  }

  private String pls() throws Exception {
    return mvc.perform(get("/api/own-words.pls").session(session))
        .andExpect(status().isOk())
        .andReturn()
        .getResponse()
        .getContentAsString(StandardCharsets.UTF_8);
  }

  @Test
  void listsSoundsWithTheirGraphemesAndAccentsToChooseFrom() throws Exception {
    mvc.perform(get("/api/sounds?accent=en-GB").session(session))
        .andExpect(jsonPath("$[?(@.phoneme == 'eɪ')].keyword", hasItem("rain")))
        .andExpect(jsonPath("$[?(@.phoneme == 'eɪ')].graphemes[*].grapheme", hasItem("a_e")));
    mvc.perform(get("/api/accents").session(session))
        .andExpect(jsonPath("$[*].id", hasItem("en-GB-x-north")));
    mvc.perform(get("/api/words/bath?accent=en-GB-x-north").session(session))
        .andExpect(jsonPath("$.units[1].phoneme").value("æ"));
  }

  @Test
  void choosesRivalsAndSendsThemToASession() throws Exception {
    JsonNode chosen =
        read(
            write(
                post("/api/classes/1/rivals"),
                "{\"sound\":\"eɪ\",\"graphemes\":[\"ai\",\"ay\",\"a_e\"],\"count\":12,\"taught\":true,\"without\":[],\"seed\":3}"));
    assertEquals(12, chosen.size());
    List<String> words = new ArrayList<>();
    int ai = 0;
    for (JsonNode one : chosen) {
      words.add(one.get("word").asText());
      ai += one.get("grapheme").asText().equals("ai") ? 1 : 0;
    }
    assertEquals(4, ai);
    JsonNode sent =
        read(
            write(
                post("/api/classes/1/sessions/words"),
                "{\"date\":\"2031-01-06\",\"words\":" + json.writeValueAsString(words) + "}"));
    assertEquals(12, sent.at("/blocks/0/items").size());
    JsonNode again =
        read(
            write(
                post("/api/classes/1/sessions/words"),
                "{\"date\":\"2031-01-06\",\"words\":[\"gull\"]}"));
    assertEquals(sent.get("id"), again.get("id"));
    assertEquals(13, again.at("/blocks/0/items").size());
    mvc.perform(
            write(post("/api/classes/1/sessions/words"), "{\"date\":\"2031-01-06\",\"words\":[]}"))
        .andExpect(status().isBadRequest());
  }
}
