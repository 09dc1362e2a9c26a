package dettato.explain;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.mark.Marking;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ExplanationTest {
  private static List<String> said(String target, String attempt) {
    return Explanation.of(Marking.mark(target, attempt), Marking.BRITISH.accent());
  }

  @ParameterizedTest(name = "{0} written {1}: {2}")
  @CsvSource({
    "lamp, lap, The m is left out: it is hard to hear before p.",
    "shelf, self, Only s of sh is written.",
    "thin, fin, f for th: the tongue goes between the teeth.",
    "glum, gulum, A vowel slipped in before the l: u.",
    "seeing, seeying, 'The y is heard on the way, but not written.'",
    "extra, exstra, The x has its s already.",
    "dogs, dog's, This word has no apostrophe: dogs.",
    "don't, dont, Letters are left out: don't has an apostrophe there.",
    "burst, brust, The letters of ur changed places: ru.",
    "sandpit, sand pit, 'sandpit is one word, without a gap.'",
    "sail, sale, sale sounds the same but is another word.",
    "knob, nob, The k in knob is silent: learn it by heart.",
    "duck, duk, 'After one short vowel, the end is written ck: duck.'",
    "trimming, triming, 'trim + ing: one short vowel letter, so the m doubles.'",
    "stirring, stiring, 'stir + ing: one vowel letter before it, so the r doubles.'",
    "who, how, 'All the letters are there, in another order.'",
    "was, saw, w and s changed places.",
    "told, telled, The past of tell is told: the word itself changes.",
    "colour, color, color is the American spelling.",
    "much, mutch, much is an exception: learn the ch by heart.",
    "come, kom, 'Here it is o–e, not o: learn come by heart.'",
    "sometimes, somtimes, 'Here it is o–e, not o: learn sometimes by heart.'",
    "walked, walcked, 'After al, a k alone is enough: walked.'",
    "feet, fit, i for ee: one vowel is longer.",
    "cupcake, cupcace, 'Before e, a c would sound like s: cupcake has k.'",
    "biscuit, bisket, 'Here it is c, not k: learn biscuit by heart.'",
    "lady, lade, 'At the end of a longer word, it is y: lady.'"
  })
  void saysEachFactInOneSentence(String target, String attempt, String sentence) {
    List<String> all = said(target, attempt);
    assertTrue(all.contains(sentence), all::toString);
  }

  @ParameterizedTest(name = "{0} written {1} is {2} first")
  @CsvSource({
    "cat, dog, OTHER_WORD, cat is another word altogether",
    "aloud, allowed, OTHER_WORD, a homophone is the news",
    "gate, gat, RULE, the silent e",
    "stamp, samp, MISSING, a lost sound before all else",
    "bib, did, MIRROR, two letters turned round",
    "cat, xq7, NO_MATCH, nothing fits"
  })
  void tellsTheCauseFirst(String target, String attempt, Cause cause, String why) {
    List<Fact> facts = Explanation.facts(Marking.mark(target, attempt), Marking.BRITISH.accent());
    assertEquals(cause, facts.get(0).cause(), () -> why + ": " + facts);
  }

  @Test
  void saysALostSoundBeforeARulesLetter() {
    List<Fact> facts = Explanation.facts(Marking.mark("strick", "stik"), Marking.BRITISH.accent());
    assertEquals(List.of(Cause.MISSING, Cause.RULE), facts.stream().map(Fact::cause).toList());
  }

  @ParameterizedTest(name = "{0} written {1} is one fact")
  @CsvSource({"clapping, claping", "monkey, monky", "build, biuld", "wished, wisht", "comb, com"})
  void tellsOneFactOnce(String target, String attempt) {
    List<String> all =
        said(target, attempt).stream().filter(s -> !s.endsWith("is another word.")).toList();
    assertEquals(1, all.size(), all::toString);
  }

  @Test
  void blamesTheLetterThatIsToBlameAndNotTheOneBesideIt() {
    List<Fact> facts =
        Explanation.facts(Marking.mark("motorbike", "moterbick"), Marking.BRITISH.accent());
    assertEquals("split-vowel", facts.get(0).rule().orElseThrow().rule(), facts::toString);
  }

  @Test
  void namesTheRuleAndWhatAChildIsTold() {
    Fact fact = Explanation.facts(Marking.mark("duck", "duk"), Marking.BRITISH.accent()).get(0);
    assertEquals("final-k/short", fact.rule().orElseThrow().condition().id());
    assertTrue(fact.forChild().endsWith("."), fact.forChild());
  }

  @Test
  void saysNothingOfABlankPaper() {
    assertEquals(List.of(), said("build", ""));
  }

  @Test
  void endsEverySentence() {
    for (String attempt : List.of("smuge", "smog", "zmudje", "smudgee", "msudge", "s mudge", "q")) {
      for (String sentence : said("smudge", attempt)) {
        assertTrue(sentence.endsWith("."), sentence);
        assertEquals(sentence.substring(0, 1), sentence.substring(0, 1).strip());
      }
    }
  }
}
