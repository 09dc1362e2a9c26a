package dettato.word;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.reading.Guess;
import dettato.sound.Accents;
import dettato.sound.Correspondence;
import dettato.sound.Correspondences;
import dettato.table.Table;
import java.io.StringReader;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LexiconTest {
  private static final Lexicon LEXICON = Lexicon.shipped();

  @ParameterizedTest(name = "{0} is {1}")
  @CsvSource({
    "bridge, r i dge, en-GB, brɪdʒ",
    "cakes, c a_e k s, en-GB, keɪks",
    "hoped, h o p ed, en-GB, həʊpt",
    "give, g i ve, en-GB, ɡɪv",
    "house, h ou se, en-GB, haʊs",
    "come, c o_e m, en-GB, kʌm",
    "carry, c a rr y, en-GB, kæri",
    "queen, qu ee n, en-GB, kwiːn",
    "box, b o x, en-GB, bɒks",
    "tune, t u_e n, en-GB, tjuːn",
    "tune, t u_e n, en-US, tun",
    "bath, b a th, en-GB, bɑːθ",
    "bath, b a th, en-US, bæθ",
    "farm, f ar m, en-GB, fɑːm",
    "farm, f ar m, en-US, fɑrm",
    "one, o_e n, en-GB, wʌn",
    "who, wh o, en-GB, huː",
    "listen, l i st e n, en-GB, lɪsən",
    "island, is l a n d, en-GB, aɪlənd",
    "laugh, l au gh, en-GB, lɑːf",
    "story, s t or y, en-GB, stɔːri",
    "rabbit, r a bb i t, en-GB, ræbɪt",
    "hopping, h o pp i ng, en-GB, hɒpɪŋ",
    "cage, c a ge, en-GB, keɪdʒ",
    "people, p eo p le, en-GB, piːpəl",
    "tomato, t o m a t o, en-GB, təmɑːtəʊ",
    "tomato, t o m a t o, en-US, təmeɪtoʊ"
  })
  void cutsAndSaysWords(String spelling, String graphemes, String accent, String ipa) {
    Segmentation cut = LEXICON.find(spelling, accent).orElseThrow().cut();
    String found =
        cut.units().stream().map(u -> u.grapheme().text()).collect(Collectors.joining(" "));
    assertTrue(found.endsWith(graphemes), found);
    assertEquals(ipa, cut.ipa(Accents.of(accent)));
  }

  @Test
  void hasEnoughWordsToChooseFrom() {
    List<Word> words = LEXICON.words("en-GB");
    assertTrue(words.size() >= 12_000, words.size() + " words");
    assertTrue(words.stream().filter(w -> w.use() == Word.Use.CHOOSE).count() >= 9_000);
  }

  @Test
  void everyCorrespondenceHasAnExampleThatUsesIt() {
    for (Correspondence c : Correspondences.all()) {
      assertTrue(
          Accents.all().stream()
              .flatMap(a -> LEXICON.readings(c.example(), a.id()))
              .flatMap(w -> w.cut().units().stream())
              .anyMatch(u -> u.sound().equals(c.sound()) && u.grapheme().equals(c.grapheme())),
          c + " is not in " + c.example());
    }
  }

  @Test
  void readsAHeteronymBothWays() {
    List<String> said =
        LEXICON
            .readings("wind", "en-GB")
            .map(w -> w.cut().ipa(Accents.of("en-GB")) + ": " + w.clue())
            .toList();
    assertEquals(List.of("wɪnd: moving air", "waɪnd: to turn round and round"), said);
  }

  @ParameterizedTest(name = "{0} in {1} is {2}")
  @CsvSource({
    "bath, en-GB-x-north, bæθ",
    "cup, en-GB-x-north, kʊp",
    "zebra, en-GB-x-north, zebrə",
    "zebra, en-US, zibrə",
    "tune, en-GB-x-north, tjuːn"
  })
  void readsTheSameRowsInANorthernAccent(String spelling, String accent, String ipa) {
    assertEquals(ipa, LEXICON.find(spelling, accent).orElseThrow().cut().ipa(Accents.of(accent)));
  }

  @Test
  void proposesEachCountryItsOwnSpelling() {
    assertTrue(spellings("en-GB").contains("colour") && !spellings("en-GB").contains("color"));
    assertTrue(spellings("en-US").contains("color") && !spellings("en-US").contains("colour"));
    assertTrue(spellings("en-GB-x-north").contains("grey"));
    assertEquals(
        "color", LEXICON.find("colour", "en-GB").orElseThrow().region().orElseThrow().twin());
  }

  private static List<String> spellings(String accent) {
    return LEXICON.words(accent).stream().map(Word::spelling).toList();
  }

  @Test
  void knowsWhereACompoundIsJoined() {
    assertEquals(3, LEXICON.find("seashell", "en-GB").orElseThrow().seam());
    assertEquals(-1, LEXICON.find("carpet", "en-GB").orElseThrow().seam());
  }

  @Test
  void everyUnitIsAListedCorrespondence() {
    for (String accent : List.of("en-GB", "en-US")) {
      for (Word word : LEXICON.words(accent)) {
        for (Unit unit : word.cut().units()) {
          assertTrue(
              Correspondences.find(unit.sound(), unit.grapheme()).isPresent(),
              word.spelling() + ": " + unit.format());
        }
      }
    }
  }

  @Test
  void everyCutSpellsItsWordAgain() {
    for (Word word : LEXICON.words("en-GB")) {
      assertEquals(word.cut(), Segmentation.parse(word.letters(), word.cut().format()));
    }
  }

  @Test
  void namesTheFileAndLineOfABadRow() {
    IllegalArgumentException e =
        assertThrows(
            IllegalArgumentException.class,
            () ->
                Table.read(
                    "words.tsv",
                    new StringReader("spelling\tunits\ncat\tc:k a:TRAP\n"),
                    row -> Segmentation.parse(row.get("spelling"), row.get("units"))));
    assertEquals("words.tsv:2: units c·a do not spell 'cat'", e.getMessage());
  }

  @Test
  void refusesASoundThatIsNotInTheInventory() {
    assertThrows(IllegalArgumentException.class, () -> Unit.of("a", "ei"));
  }

  @Test
  void guessesWordsItDoesNotKnow() {
    assertEquals("zɒg", Guess.of("Zog").cut().ipa(Accents.of("en-GB")).replace('ɡ', 'g'));
    assertThrows(IllegalArgumentException.class, () -> Guess.of("123"));
  }

  @Test
  void findsTheUnitWhereAnEndingBegins() {
    Word hopping = LEXICON.find("hopping", "en-GB").orElseThrow();
    assertEquals(3, hopping.endingUnit());
    assertEquals(Join.Change.DOUBLED, hopping.join().orElseThrow().change());
  }
}
