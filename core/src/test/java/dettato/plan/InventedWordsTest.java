package dettato.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.diagnose.Leanings;
import dettato.diagnose.Settings;
import dettato.explain.Explanation;
import dettato.mark.AttemptMarker;
import dettato.mark.Mark;
import dettato.mark.Result;
import dettato.reading.Proposer;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.spell.LegalSpellings;
import dettato.word.Lexicon;
import dettato.word.Segmentation;
import dettato.word.Word;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class InventedWordsTest {
  private static final OtherWords SAID = new OtherWords(Accents.of("en-GB"));
  private static final Accent BRITISH = Accents.of("en-GB");
  private static final Lexicon LEXICON = Lexicon.shipped();
  private static final TeachingSequence SEQUENCE = TeachingSequence.shipped();
  private static final InventedWords INVENTED = new InventedWords(LEXICON, BRITISH, SEQUENCE);
  private static final AttemptMarker MARKER = new AttemptMarker(BRITISH, LEXICON);

  @Test
  void noneIsRealSoundsRealOrIsNearAnUnsuitableWord() {
    Set<String> sounds =
        LEXICON.words("en-GB").stream().map(w -> w.cut().ipa(BRITISH)).collect(Collectors.toSet());
    List<InventedWords.Invented> made = choose("", "", 0, SEQUENCE.last(), 60);
    assertEquals(60, made.size());
    for (InventedWords.Invented one : made) {
      Word word = one.word();
      assertTrue(LEXICON.find(word.spelling(), "en-GB").isEmpty(), word.spelling());
      assertFalse(sounds.contains(word.cut().ipa(BRITISH)), word.spelling());
      assertFalse(Unsuitable.isNear(word.spelling()), word.spelling());
      assertTrue(one.legal().contains(word.spelling()), one.toString());
    }
  }

  /** Rare words and names are real too, and so is one whose letter is doubled or is not. */
  @ParameterizedTest
  @CsvSource({"1, 7", "2, 7", "1, 8", "2, 8"})
  void noneIsARareWordByAnyLegalSpellingOrButForDoubling(int beats, long seed) {
    Set<String> undoubled =
        LEXICON.words("en-GB").stream()
            .map(w -> undoubled(w.spelling()))
            .collect(Collectors.toSet());
    for (InventedWords.Invented one : choose("", beats, 40, seed)) {
      one.legal().forEach(l -> assertFalse(OtherWords.isAny(l), one + ": " + l));
      assertFalse(undoubled.contains(undoubled(one.word().spelling())), one.toString());
      assertFalse(one.word().spelling().matches(".*(ngs|ngths|ough[^t].*)"), one.toString());
    }
  }

  /** Hardly a word has this end of a first beat: its words would all be one. */
  @Test
  void aBeginningOfTwoBeatsComesTwiceAtMostAndNoSoundsTwice() {
    List<InventedWords.Invented> made = choose("final-j", 2, 8, 7);
    Map<String, Long> beginnings =
        made.stream()
            .collect(
                Collectors.groupingBy(
                    one -> one.word().spelling().substring(0, 2), Collectors.counting()));
    assertTrue(made.size() >= 2, made::toString);
    assertTrue(beginnings.values().stream().allMatch(times -> times <= 2), made::toString);
    List<InventedWords.Invented> any = choose("", 2, 60, 9);
    Set<String> heard =
        any.stream().map(o -> o.word().cut().ipa(BRITISH)).collect(Collectors.toSet());
    assertEquals(any.size(), heard.size());
  }

  /** Nor do they begin as only some words do, which no ear tells, or as they does. */
  @ParameterizedTest
  @CsvSource({"1, 11", "2, 11", "1, 12", "2, 12"})
  void noneFallsIntoTwoWordsOrIsHardToSay(int beats, long seed) {
    for (InventedWords.Invented one : choose("", beats, 60, seed)) {
      Word word = one.word();
      String ipa = word.cut().ipa(BRITISH);
      assertFalse(ipa.matches("ð.*|.*n[kɡ].*"), one.toString());
      assertFalse(word.spelling().matches("(kn|gn|wr|gu|ph).*"), one.toString());
      assertFalse(SAID.isSaid(ipa), one.toString());
      for (int at = 3; beats == 2 && at <= word.spelling().length() - 3; at++) {
        assertFalse(
            isWord(word.spelling().substring(0, at)) && isWord(word.spelling().substring(at)),
            one.toString());
      }
    }
  }

  @Test
  void aGraphemeThatIsAskedForMayBeginAWord() {
    List<InventedWords.Invented> made = choose("", "kn", 0, SEQUENCE.last(), 3);
    assertFalse(made.isEmpty());
    made.forEach(one -> assertTrue(one.word().spelling().startsWith("kn"), one.toString()));
  }

  private static boolean isWord(String letters) {
    return LEXICON.find(letters, "en-GB").isPresent();
  }

  @ParameterizedTest(name = "{0}: {1}, not {2}")
  @CsvSource({
    "littish, littish litish, letish lettish",
    "splext, splext, spleaxt",
    "plake, plake plaik, playk",
    "thrung, thrung, throung",
    "stedge, stedge, steadge",
    "glork, glork glawk, glourk"
  })
  void legalSpellingsKeepTheCompanyOfRealWords(String model, String legal, String not) {
    Segmentation cut = Proposer.shipped().propose(model, BRITISH, 1).get(0).cut();
    List<String> all = LegalSpellings.of(cut, BRITISH);
    assertTrue(all.containsAll(List.of(legal.split(" "))), all::toString);
    for (String spelling : not.split(" ")) {
      assertFalse(all.contains(spelling), all::toString);
    }
  }

  /** Two sounds in one letter have no cut of their own, and were an error once. */
  @Test
  void anAttemptThatLeavesASoundUnwrittenIsMarkedToo() {
    Segmentation cut = Proposer.shipped().propose("fideday", Accents.of("en-US"), 1).get(0).cut();
    AttemptMarker american = new AttemptMarker(Accents.of("en-US"), LEXICON);
    for (String attempt : List.of("fyday", "fidday", "fday", "y", "x")) {
      assertFalse(american.mark(Word.invented(cut), attempt).result() == Result.RIGHT, attempt);
    }
  }

  @Test
  void rareWordsAreKnownApartFromThoseAChildMayMeet() {
    assertTrue(OtherWords.isOne("pewter") && OtherWords.isAny("pewter"));
    assertTrue(OtherWords.isAny("firk"));
    assertFalse(OtherWords.isOne("firk"));
    assertFalse(OtherWords.isAny("splorch"));
  }

  @Test
  void areOfTheRuleGraphemeLengthAndStepAskedFor() {
    for (InventedWords.Invented one : choose("final-j", "dge", 4, SEQUENCE.last(), 5)) {
      assertTrue(one.word().spelling().endsWith("dge"), one.toString());
      assertEquals(4, one.word().cut().size());
    }
    List<InventedWords.Invented> early = choose("", "", 3, 12, 8);
    assertFalse(early.isEmpty());
    early.forEach(e -> assertEquals(List.of(), SEQUENCE.untaught(e.word(), 12, BRITISH)));
    assertEquals(early, choose("", "", 3, 12, 8));
  }

  @Test
  void everyLegalSpellingIsMarkedRight() {
    for (InventedWords.Invented one : choose("", "", 4, SEQUENCE.last(), 6)) {
      for (String spelling : one.legal().subList(0, Math.min(12, one.legal().size()))) {
        assertEquals(
            Result.RIGHT,
            MARKER.mark(one.word(), spelling).result(),
            one.word() + " written " + spelling);
      }
    }
  }

  @ParameterizedTest(name = "the word with the sounds of {0}, written {1}, is {2}")
  @CsvSource({
    "zadge, zadge, RIGHT",
    "zadge, zaj, READS_RIGHT",
    "zadge, zage, READS_OTHERWISE",
    "blain, blane, RIGHT",
    "blain, blayn, READS_RIGHT",
    "blain, blan, READS_OTHERWISE",
    "smock, smok, READS_RIGHT",
    "zeet, zeat, RIGHT",
    "zeet, zet, READS_OTHERWISE",
    "zeet, seet, SOUND_ERROR"
  })
  void marksByTheSoundsAndTheRules(String model, String attempt, Result result) {
    Segmentation cut = Proposer.shipped().propose(model, BRITISH, 1).get(0).cut();
    assertEquals(result, MARKER.mark(Word.invented(cut), attempt).result());
  }

  /** There is no model to know by heart, so another legal spelling is nothing to be told. */
  @Test
  void nothingIsSaidOfALegalSpellingNorConcludedFromIt() {
    Segmentation cut = Proposer.shipped().propose("blain", BRITISH, 1).get(0).cut();
    Mark mark = MARKER.mark(Word.invented(cut), "blane");
    assertEquals(List.of(), Explanation.of(mark, BRITISH));
    LocalDate day = LocalDate.of(2026, 3, 2);
    assertEquals(
        List.of(), new Leanings(Settings.USUAL, day).of(List.of(new Leanings.Sample(day, mark))));
  }

  @Test
  void listsEveryLegalSpellingAndNoneThatBreaksARule() {
    Segmentation cut = Proposer.shipped().propose("zain", BRITISH, 1).get(0).cut();
    List<String> legal = LegalSpellings.of(cut, BRITISH);
    assertTrue(legal.containsAll(List.of("zain", "zane")), legal.toString());
    assertFalse(legal.contains("zayn"), "ay is for the end: " + legal);
    assertFalse(legal.contains("zan"), "reads otherwise: " + legal);
  }

  private static String undoubled(String spelling) {
    return spelling.replaceAll("([b-df-hj-np-tv-z])\\1", "$1");
  }

  private static List<InventedWords.Invented> choose(String rule, int beats, int count, long seed) {
    return INVENTED.choose(
        new InventedWords.Request(rule, "", "", 0, beats, SEQUENCE.last(), count, seed));
  }

  private static List<InventedWords.Invented> choose(
      String rule, String grapheme, int sounds, int step, int count) {
    return INVENTED.choose(
        new InventedWords.Request(rule, grapheme, "", sounds, 1, step, count, 7));
  }
}
