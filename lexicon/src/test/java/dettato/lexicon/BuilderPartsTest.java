package dettato.lexicon;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.word.Aligner;
import dettato.word.Beats;
import dettato.word.Join;
import dettato.word.Segmentation;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BuilderPartsTest {
  private static final Aligner ALIGNER = new Aligner(Arpabet.realisations());
  private static final Map<String, List<String>> SAID =
      Stream.of(
              "hop=HH AA1 P",
              "hopping=HH AA1 P IH0 NG",
              "hope=HH OW1 P",
              "hoping=HH OW1 P IH0 NG",
              "carry=K AE1 R IY0",
              "carried=K AE1 R IY0 D",
              "corn=K AO1 R N",
              "corner=K AO1 R N ER0",
              "brush=B R AH1 SH",
              "brushes=B R AH1 SH IH0 Z",
              "leaf=L IY1 F",
              "leaves=L IY1 V Z",
              "dog=D AO1 G",
              "dogs=D AA1 G Z",
              "bus=B AH1 S",
              "bush=B UH1 SH")
          .map(s -> s.split("="))
          .collect(Collectors.toMap(s -> s[0], s -> List.of(s[1].split(" "))));
  private static final Joins JOINS =
      new Joins(
          Map.of(
              "hop", "v", "hope", "nv", "carry", "v", "corn", "nv", "brush", "nv", "leaf", "n",
              "dog", "n", "bus", "n"),
          new Pronouncer(SAID, SAID.keySet()),
          SAID.keySet(),
          Set.of("corner"),
          Map.of("written", new Join("writ", "en", Join.Change.DOUBLED)));

  @ParameterizedTest(name = "{0} is {1} + {2}")
  @CsvSource({
    "written, writ, en, DOUBLED",
    "hopping, hop, ing, DOUBLED",
    "hoping, hope, ing, E_DROPPED",
    "carried, carry, ed, Y_TO_I",
    "brushes, brush, es, NONE",
    "leaves, leaf, es, F_TO_V",
    "dogs, dog, s, NONE"
  })
  void findsBaseEndingAndWhatHappenedAtTheJoin(
      String word, String base, String ending, Join.Change change) {
    assertEquals(Optional.of(new Join(base, ending, change)), JOINS.find(word));
  }

  @ParameterizedTest
  @CsvSource({"corner", "bush", "bus", "hop"})
  void takesNoWordApartThatIsWhole(String word) {
    assertEquals(Optional.empty(), JOINS.find(word));
  }

  @ParameterizedTest(name = "{0} said {1} is {2}")
  @CsvSource({
    "rabbit, R AE1 B AH0 T, r a bb i t",
    "castle, K AE1 S AH0 L, c a st le",
    "queen, K W IY1 N, qu ee n",
    "farm, F AA1 R M, f ar m",
    "water, W AO1 T ER0, w a t er",
    "fire, F AY1 ER0, f ire",
    "music, M Y UW1 Z IH0 K, m u s i c"
  })
  void alignsAmericanPhonesWithLetters(String word, String phones, String graphemes) {
    assertEquals(graphemes, graphemes(align(word, phones)));
  }

  @ParameterizedTest(name = "{0} has {2}")
  @CsvSource({
    "bath, B AE1 TH, a:'BATH",
    "cat, K AE1 T, a:'TRAP",
    "tune, T UW1 N, u_e:'TUNE",
    "rule, R UW1 L, u_e:'GOOSE",
    "happy, HH AE1 P IY0, y:happY",
    "swan, S W AA1 N, a:'LOT",
    "pocket, P AA1 K AH0 T, e:KIT",
    "panda, P AE1 N D AH0, a:commA"
  })
  void turnsPhonesIntoLexicalSets(String word, String phones, String unit) {
    Segmentation cut = align(word, phones);
    List<String> stresses =
        cut.units().stream().map(u -> u.sound().isVowel() ? "1" : "").collect(Collectors.toList());
    int last = stresses.lastIndexOf("1");
    if (last != stresses.indexOf("1")) {
      stresses.set(last, "0");
    }
    Segmentation polished = new Polish(Set.of("bath")).apply(cut, stresses, -1);
    assertTrue(polished.format().contains(unit), polished.format());
  }

  @ParameterizedTest(name = "{0}")
  @CsvSource({
    "r:r a:'TRAP bb:b i:KIT t:t, rabbit, r:r a:'TRAP bb:b - i:KIT t:t",
    "p:p i:'PRICE l:l o:commA t:t, pilot, p:p i:'PRICE - l:l o:commA t:t",
    "m:m o:'LOT n:n s:s t:t er:lettER, monster, m:m o:'LOT n:n - s:s t:t er:lettER",
    "c:k r:r e:FLEECE a_e:'FACE t:t, create, c:k r:r e:FLEECE - a_e:'FACE t:t"
  })
  void cutsBeats(String units, String word, String cut) {
    assertEquals(cut, Beats.cut(Segmentation.parse(word, units), -1).format());
  }

  @ParameterizedTest(name = "{0} is spelled {1}")
  @CsvSource({
    "colour, color",
    "colours, colors",
    "centre, center",
    "grey, gray",
    "realise, realize",
    "travelling, traveling",
    "defence, defense",
    "cat, cat",
    "our, our"
  })
  void knowsTheAmericanForm(String british, String american) {
    assertEquals(american, American.spelling(british));
  }

  @Test
  void saysWithCareWhatTheSourceRunsTogether() {
    assertEquals(List.of("AH0", "R", "AY1", "V"), Respoken.fully(List.of("ER0", "AY1", "V")));
    assertEquals(List.of("HH", "ER1"), Respoken.fully(List.of("HH", "ER1")), "no vowel follows");
  }

  @Test
  void everySoundThatIsAlignedHasARealisation() {
    assertTrue(Arpabet.realisations().values().stream().noneMatch(List::isEmpty));
    assertEquals(3, Arpabet.realisations().get("TRAP").stream().filter(r -> r.cost() == 0).count());
  }

  private static Segmentation align(String word, String phones) {
    return ALIGNER.align(word, List.of(phones.split(" "))).orElseThrow();
  }

  private static String graphemes(Segmentation cut) {
    return cut.units().stream().map(u -> u.grapheme().text()).collect(Collectors.joining(" "));
  }
}
