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
    "lamp, lap, '/m/ (m) is left out: before a consonant it is easily missed.'",
    "shelf, self, Of sh only s is written.",
    "thin, fin, f for th: teeth on the lip where /θ/ has the tongue between the teeth.",
    "desk, dosk, o spells another sound than /e/ (e).",
    "glum, gulum, 'u before l: a vowel slipped in between two consonants.'",
    "lion, liyon, 'iy is made up for /aɪ/, which lion spells i.'",
    "seeing, seeying, y before i is what is heard on the way from one vowel to the next.",
    "extra, exstra, 's before t: the x says /s/ already.'",
    "measure, mezher, 'zh is made up for /ʒ/, which measure spells s.'",
    "talk, tolk, One letter of al is another: ol.",
    "leg, weg, w for l: a sound made close to where /l/ is made.",
    "dogs, dog's, dogs has no apostrophe.",
    "don't, dont, don't has an apostrophe where letters are left out; written: dont.",
    "I'm, im, I'm has an apostrophe where letters are left out; written: im.",
    "burst, brust, The letters of ur changed places.",
    "sandpit, sand pit, 'There is a gap inside the word, which is one.'",
    "sail, sale, sale is another word that sounds the same.",
    "lamp, lap, '/m/ (m) is left out: before a consonant it is easily missed.'"
  })
  void saysEachFactInOneSentence(String target, String attempt, String sentence) {
    List<String> said = Explanation.of(Marking.mark(target, attempt), Marking.BRITISH.accent());
    assertTrue(said.contains(sentence), said.toString());
  }

  @Test
  void saysAFactThatARuleDecidesOnlyOnce() {
    List<String> said =
        Explanation.of(Marking.mark("clapping", "claping"), Marking.BRITISH.accent());
    assertEquals(1, said.size(), said.toString());
    assertTrue(said.get(0).startsWith("The base clap ends in one stressed short vowel letter"));
  }

  @ParameterizedTest(name = "{0} written {1} is one fact")
  @CsvSource({
    "monkey, monky, 'Monkey is known to have ey, so ey is due, not y alone; written: y.'",
    "lady, lade, 'A weak ee ends a longer word, so y is due; e would make it /leɪd/.'",
    "can't, can, '/t/ (t) is left out.'"
  })
  void tellsOfAUnitOnce(String target, String attempt, String sentence) {
    List<String> said =
        Explanation.of(Marking.mark(target, attempt), Marking.BRITISH.accent()).stream()
            .filter(s -> !s.endsWith("is another word."))
            .toList();
    assertEquals(List.of(sentence), said);
  }

  @Test
  void hasAFewWordsForManyConfusionsOfAKind() {
    assertEquals("f or v for th", Confusions.label("th-fronting"));
    assertEquals("no-such-name", Confusions.label("no-such-name"));
  }

  @ParameterizedTest(name = "{0} written {1}: {2}")
  @CsvSource({
    "who, how, 'The letters of who are all there, in another order.'",
    "saw, was, 'The letters of saw are all there, in another order.'",
    "was, saw, 'w and s changed places.'",
    "told, telled, 'telled is tell with -ed: the past changes inside, to told, and must be known.'",
    "colour, color, 'color is how it is spelled in America.'"
  })
  void tellsInOneSentenceWhatIsOneFact(String target, String attempt, String sentence) {
    List<String> said = Explanation.of(Marking.mark(target, attempt), Marking.BRITISH.accent());
    assertTrue(said.contains(sentence), said::toString);
    assertTrue(said.size() <= 2, said::toString);
  }

  @Test
  void saysASwapOnlyOnce() {
    assertEquals(
        1, Explanation.of(Marking.mark("build", "biuld"), Marking.BRITISH.accent()).size());
  }

  @Test
  void saysNothingOfABlankPaper() {
    assertEquals(List.of(), Explanation.of(Marking.mark("build", ""), Marking.BRITISH.accent()));
  }

  @Test
  void endsEverySentence() {
    for (String attempt : List.of("smuge", "smog", "zmudje", "smudgee", "msudge", "s mudge", "q")) {
      for (String sentence :
          Explanation.of(Marking.mark("smudge", attempt), Marking.BRITISH.accent())) {
        assertTrue(sentence.endsWith("."), sentence);
        assertEquals(sentence.substring(0, 1), sentence.substring(0, 1).strip());
      }
    }
  }
}
