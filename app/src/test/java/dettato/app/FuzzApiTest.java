package dettato.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;

/** Anything typed is answered: with a mark, or with what is wrong and where. */
class FuzzApiTest extends ApiCase {
  private static final List<Word> WORDS = Lexicon.shipped().words("en-GB");

  @Test
  void twoThousandRandomPairsAreJudgedOrRefused() throws Exception {
    Random random = new Random(4);
    for (int i = 0; i < 2_000; i++) {
      String target = i % 4 == 0 ? anything(random) : any(random);
      boolean sentence = i % 10 == 0;
      Map<String, Object> body =
          sentence
              ? Map.of("accent", "en-GB", "target", target, "attempt", anything(random))
              : Map.of(
                  "accent",
                  "en-GB",
                  "pairs",
                  List.of(Map.of("target", target, "attempt", anything(random))));
      MockHttpServletResponse answer =
          mvc.perform(
                  write(
                      post("/api/marking/preview" + (sentence ? "-sentence" : "")),
                      json.writeValueAsString(body)))
              .andReturn()
              .getResponse();
      assertTrue(answer.getStatus() == 200 || answer.getStatus() == 400, body.toString());
      if (answer.getStatus() == 400) {
        assertEquals(MediaType.APPLICATION_PROBLEM_JSON_VALUE, answer.getContentType());
      }
    }
  }

  @Test
  void tenThousandMixedPairsGetTheSameAnswerTwice() throws Exception {
    Random random = new Random(5);
    List<Map<String, String>> pairs =
        java.util.stream.IntStream.range(0, 10_000)
            .mapToObj(i -> Map.of("target", any(random), "attempt", anything(random)))
            .toList();
    String body = json.writeValueAsString(Map.of("accent", "en-GB", "pairs", pairs));
    assertEquals(answer(body), answer(body));
  }

  private String answer(String body) throws Exception {
    return mvc.perform(write(post("/api/marking/preview"), body))
        .andExpect(status().isOk())
        .andReturn()
        .getResponse()
        .getContentAsString();
  }

  private static String any(Random random) {
    return WORDS.get(random.nextInt(WORDS.size())).spelling();
  }

  /** Letters, spaces, emoji, right-to-left letters, nothing; sometimes two thousand of them. */
  private static String anything(Random random) {
    int length = random.nextInt(40) == 0 ? 1_000 : random.nextInt(12);
    StringBuilder text = new StringBuilder();
    for (int i = 0; i < length; i++) {
      text.appendCodePoint(
          switch (random.nextInt(6)) {
            case 0 -> 0x1F41A;
            case 1 -> 0x05D0 + random.nextInt(20);
            case 2 -> ' ' + random.nextInt(60);
            default -> 'a' + random.nextInt(26);
          });
    }
    return text.toString();
  }
}
