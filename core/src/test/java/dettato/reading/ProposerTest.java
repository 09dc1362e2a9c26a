package dettato.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.word.IpaAligner;
import dettato.word.Lexicon;
import dettato.word.OwnCut;
import dettato.word.Segmentation;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ProposerTest {
  private static final Accent BRITISH = Accents.of("en-GB");

  @ParameterizedTest(name = "{0} is {1}")
  @CsvSource({
    "skerry, s k e rr y, skeri",
    "zog, z o g, zɒɡ",
    "blafe, b l a_e f, bleɪf",
    "quilty, qu i l t y, kwɪlti",
    "moach, m oa ch, məʊtʃ"
  })
  void proposesSoundsAndCutForAWordItNeverSaw(String word, String graphemes, String ipa) {
    Segmentation cut = Proposer.shipped().propose(word, BRITISH, 1).get(0).cut();
    assertEquals(
        graphemes, String.join(" ", cut.units().stream().map(u -> u.grapheme().text()).toList()));
    assertEquals(ipa, cut.ipa(BRITISH));
  }

  @Test
  void ranksByConfidenceWhichNeverAddsUpToMoreThanOne() {
    List<Proposer.Proposal> found = Proposer.shipped().propose("moogleby", BRITISH, 5);
    assertTrue(found.size() > 1);
    for (int i = 1; i < found.size(); i++) {
      assertTrue(found.get(i - 1).confidence() >= found.get(i).confidence());
    }
    assertTrue(found.stream().mapToDouble(Proposer.Proposal::confidence).sum() <= 1 + 1e-9);
  }

  /** A tenth of the words is held out; docs/lexicon.md has the figures for all ten tenths. */
  @Test
  void firstProposalIsRightForThreeInFourWordsHeldOut() {
    List<Word> train = new ArrayList<>();
    List<Word> test = new ArrayList<>();
    List<Word> all = Lexicon.shipped().words("en-GB");
    for (int i = 0; i < all.size(); i++) {
      (i % 10 == 3 ? test : train).add(all.get(i));
    }
    Proposer proposer = new Proposer(Reader.learntFrom(train));
    long right =
        test.stream()
            .filter(
                w ->
                    proposer.propose(w.spelling(), BRITISH, 1).stream()
                        .anyMatch(p -> p.cut().ipa(BRITISH).equals(w.cut().ipa(BRITISH))))
            .count();
    assertTrue(right >= 0.75 * test.size(), right + " of " + test.size());
  }

  @Test
  void saysWhatIsNoWord() {
    assertThrows(
        IllegalArgumentException.class, () -> Proposer.shipped().propose("123", BRITISH, 1));
    assertThrows(
        IllegalArgumentException.class,
        () -> Proposer.shipped().propose("a".repeat(41), BRITISH, 1));
  }

  @Test
  void takesACutAPersonGives() {
    Segmentation cut =
        OwnCut.of(
            "skerry",
            List.of(
                new OwnCut.Cell("s", "s"),
                new OwnCut.Cell("k", "k"),
                new OwnCut.Cell("e", "e"),
                new OwnCut.Cell("rr", "r"),
                new OwnCut.Cell("y", "i")),
            BRITISH);
    assertEquals("s:s k:k e:'DRESS rr:r - y:happY", cut.format());
    assertEquals("skɛri", cut.ipa(Accents.of("en-US")));
    IllegalArgumentException wrong =
        assertThrows(
            IllegalArgumentException.class,
            () -> OwnCut.of("sky", List.of(new OwnCut.Cell("s", "q")), BRITISH));
    assertTrue(String.valueOf(wrong.getMessage()).contains("such as s"), wrong.getMessage());
  }

  @ParameterizedTest(name = "{0} /{1}/ is {2}")
  @CsvSource({
    "skerry, ˈsker.i, s k e rr y",
    "stormy, stɔːmi, s t or m y",
    "quay, kiː, qu ay",
    "fury, fjʊəri, f ur y"
  })
  void pairsIpaWithLetters(String spelling, String ipa, String graphemes) {
    Segmentation cut = new IpaAligner(BRITISH).align(spelling, ipa).orElseThrow();
    assertEquals(
        graphemes, String.join(" ", cut.units().stream().map(u -> u.grapheme().text()).toList()));
  }

  @Test
  void refusesIpaThatTheLettersCannotSpell() {
    assertFalse(new IpaAligner(BRITISH).align("zog", "kæt").isPresent());
    assertFalse(new IpaAligner(BRITISH).align("zog", "z!g").isPresent());
  }
}
