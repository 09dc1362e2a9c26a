package dettato.lexicon;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.word.Segmentation;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Compounds, twins, derived pronunciations and readings by rule. */
class WordPartsTest {
  private static final Map<String, List<String>> SAID =
      new HashMap<>(
          Map.of(
              "sea", List.of("S", "IY1"),
              "shell", List.of("SH", "EH1", "L"),
              "seashell", List.of("S", "IY1", "SH", "EH2", "L"),
              "pet", List.of("P", "EH1", "T"),
              "car", List.of("K", "AA1", "R"),
              "carpet", List.of("K", "AA1", "R", "P", "AH0", "T"),
              "pack", List.of("P", "AE1", "K"),
              "color", List.of("K", "AH1", "L", "ER0"),
              "gray", List.of("G", "R", "EY1"),
              "gentle", List.of("JH", "EH1", "N", "T", "AH0", "L")));
  private static final Set<String> WORDS =
      Set.of(
          "sea", "shell", "seashell", "pet", "car", "carpet", "pack", "colour", "gentle", "grey");
  private static final Pronouncer PRONOUNCER = new Pronouncer(SAID, WORDS);

  @ParameterizedTest(name = "{0} is said {1}")
  @CsvSource({
    "packs, P AE1 K S",
    "packed, P AE1 K T",
    "petted, P EH1 T IH0 D",
    "shells, SH EH1 L Z",
    "packing, P AE1 K IH0 NG",
    "unpack, AH0 N P AE1 K",
    "gently, JH EH1 N T L IY0",
    "gentler, JH EH1 N T L ER0",
    "colour, K AH1 L ER0",
    "seacar, S IY1 K AA2 R"
  })
  void saysWhatTheSourceLacks(String word, String phones) {
    assertEquals(Optional.of(List.of(phones.split(" "))), PRONOUNCER.phones(word));
  }

  @Test
  void findsTheSeamOfACompoundByItsSound() {
    Compounds compounds = new Compounds(PRONOUNCER, WORDS, Set.of());
    assertEquals(Optional.of(3), compounds.find("seashell").map(Compounds.Seam::letters));
    assertEquals(Optional.empty(), compounds.find("carpet"));
    assertEquals(
        Optional.empty(), new Compounds(PRONOUNCER, WORDS, Set.of("seashell")).find("seashell"));
  }

  @Test
  void pairsSpellingsOfTheTwoSides() {
    Twins twins = new Twins(List.of("colour", "grey", "pet"), PRONOUNCER, Set.of("color", "gray"));
    assertEquals(Map.of("colour", "color", "grey", "gray"), twins.pairs());
  }

  @ParameterizedTest(name = "{0}")
  @CsvSource(
      delimiter = '|',
      value = {
        "secretary | s:s e:'DRESS c:k r:r e:commA t:t ar:,SQUARE y:happY | ar:lettER",
        "category | c:k a:'TRAP t:t e:commA g:ɡ or:,NORTH y:happY | or:lettER",
        "ceremony | c:s e:'DRESS r:r e:commA m:m o:,GOAT n:n y:happY | o:commA",
        "reptile | r:r e:'DRESS p:p t:t i:commA le:l | i_e:,PRICE"
      })
  void knowsTheBritishReadingByRule(String word, String units, String expected) {
    String british = British.reading(Segmentation.parse(word, units)).orElseThrow().format();
    assertTrue(british.contains(expected), british);
  }

  @Test
  void leavesOtherWordsToTheCommonReading() {
    assertEquals(
        Optional.empty(),
        British.reading(Segmentation.parse("canary", "c:k a:commA n:n ar:'SQUARE y:happY")));
  }

  @ParameterizedTest(name = "{0}: {1}")
  @CsvSource({
    "hurry, h:h urr:NURSE y:happY, 1 0, u:STRUT rr:r",
    "surround, s:s urr:NURSE ou:MOUTH n:n d:d, 0 1, u:commA rr:r",
    "courage, c:k our:NURSE a:KIT ge:dʒ, 1 0, ou:STRUT r:r",
    "character, ch:k ar:SQUARE a:commA c:k t:t er:lettER, 1 0 0, a:TRAP r:r",
    "scary, s:s c:k ar:SQUARE y:happY, 1 0, ar:SQUARE y:happY"
  })
  void setsAnRApartBeforeAVowel(String word, String units, String digits, String expected) {
    Segmentation cut = Segmentation.parse(word, units);
    List<String> left = new java.util.ArrayList<>(List.of(digits.split(" ")));
    List<String> stresses =
        cut.units().stream()
            .map(u -> u.sound().isVowel() ? left.remove(0) : "")
            .collect(Collectors.toList());
    String apart = RhoticVowels.apart(cut, stresses).format();
    assertTrue(apart.contains(expected), apart);
  }

  @Test
  void keepsUnsuitableWordsOutOfThoseProposed() {
    Suitability suitability = new Suitability(Set.of("rude"), new Reviewed(Path.of("reviewed")));
    assertTrue(suitability.objection("rude", Optional.empty()).isPresent());
    assertTrue(suitability.objection("ruder", Optional.of("rude")).isPresent());
    assertTrue(suitability.objection("gunfire", Optional.empty()).isPresent());
    assertEquals(Optional.empty(), suitability.objection("button", Optional.empty()));
  }

  @Test
  void givesABuiltWordItsBasesClue() {
    Clues clues = new Clues(Map.of("crab", "it has pincers"), Map.of("crab", "n", "hop", "nv"));
    assertEquals(
        "more than one crab: it has pincers",
        clues.of(
            "crabs",
            Optional.of(new dettato.word.Join("crab", "s", dettato.word.Join.Change.NONE))));
    assertEquals("", clues.of("hops", Optional.empty()));
  }
}
