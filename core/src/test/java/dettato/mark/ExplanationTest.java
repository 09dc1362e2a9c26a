package dettato.mark;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ExplanationTest {
  @ParameterizedTest(name = "{0} written {1}: {2}")
  @CsvSource({
    "lamp, lap, The sound of m is missing (nasal lost).",
    "shelf, self, sh is not whole: s (letters missing).",
    "thin, fin, f spells a near sound in place of th (th fronting).",
    "desk, dosk, o spells another sound than e.",
    "glum, gulum, u stands for no sound of the word.",
    "burst, brust, Two neighbouring letters changed places.",
    "sandpit, sand pit, There is a gap inside the word.",
    "sail, sale, It is another word that sounds the same.",
    "lamp, lap, It is another real word."
  })
  void saysEachFactInOneSentence(String target, String attempt, String sentence) {
    List<String> said = Explanation.of(Marking.mark(target, attempt));
    assertTrue(said.contains(sentence), said.toString());
  }

  @Test
  void saysAFactThatARuleDecidesOnlyOnce() {
    List<String> said = Explanation.of(Marking.mark("clapping", "claping"));
    assertEquals(1, said.size(), said.toString());
    assertTrue(said.get(0).startsWith("The base clap ends in one stressed short vowel letter"));
  }

  @Test
  void saysASwapOnlyOnce() {
    assertEquals(1, Explanation.of(Marking.mark("build", "biuld")).size());
  }

  @Test
  void saysNothingOfABlankPaper() {
    assertEquals(List.of(), Explanation.of(Marking.mark("build", "")));
  }

  @Test
  void endsEverySentence() {
    for (String attempt : List.of("smuge", "smog", "zmudje", "smudgee", "msudge", "s mudge", "q")) {
      for (String sentence : Explanation.of(Marking.mark("smudge", attempt))) {
        assertTrue(sentence.endsWith("."), sentence);
        assertEquals(sentence.substring(0, 1), sentence.substring(0, 1).strip());
      }
    }
  }
}
