package dettato.mark;

import static org.junit.jupiter.api.Assertions.assertEquals;

import dettato.explain.Explanation;
import dettato.mark.SentenceMarker.Kind;
import dettato.rule.Outcome;
import dettato.word.Lexicon;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SentenceMarkerTest {
  private static final String TARGET = "The gull sat on the ledge.";
  private static final SentenceMarker MARKER =
      new SentenceMarker(Marking.BRITISH, Lexicon.shipped());

  @ParameterizedTest(name = "{0}")
  @CsvSource({
    "The gull sat on the ledge., MATCH MATCH MATCH MATCH MATCH MATCH",
    "The gull sat the ledge., MATCH MATCH MATCH MISSING MATCH MATCH",
    "The gull sat on on the ledge., MATCH MATCH MATCH MATCH DOUBLED MATCH MATCH",
    "Thegull sat on the ledge., JOINED MATCH MATCH MATCH MATCH",
    "The gull sat on the led ge., MATCH MATCH MATCH MATCH MATCH SPLIT",
    "The fish sat on the ledge., MATCH REPLACED MATCH MATCH MATCH MATCH",
    "The gull on sat the ledge., MATCH MATCH SWAPPED SWAPPED MATCH MATCH",
    "Thegullsatontheledge., JOINED",
    "The gull satonthe lege., MATCH MATCH JOINED MATCH",
    "The sat on the gull ledge., MATCH MATCH MATCH MATCH SWAPPED MATCH",
    "The gull sat into the ledge., MATCH MATCH MATCH REPLACED MATCH MATCH",
    "The gull sat on the shelf., MATCH MATCH MATCH MATCH MATCH REPLACED",
  })
  void pairsWordsBeforeItMarksThem(String attempt, String kinds) {
    assertEquals(
        List.of(kinds.split(" ")),
        MARKER.mark(TARGET, attempt).words().stream().map(w -> w.kind().name()).toList());
  }

  /** Another word of four other letters, but its letters can spell every sound: it is misspelt. */
  @ParameterizedTest(name = "{0} / {1}: {2}")
  @CsvSource({
    "He caught the ball., He court the ball., MATCH",
    "I know the way., I no the way., MATCH",
    "We ate eight pies., We ate ate pies., MATCH",
    "She wore a coat., She war a coat., MATCH",
    "He caught the ball., He threw the ball., REPLACED",
    "I know the way., I show the way., MATCH",
    "I see the way., I know the way., REPLACED",
  })
  void whatSpellsTheSoundsIsNoOtherWord(String target, String attempt, Kind kind) {
    assertEquals(
        kind, MARKER.mark(target, attempt).words().get(attempt.contains("pies") ? 2 : 1).kind());
  }

  @Test
  void marksAPairedWordAsAWord() {
    var word = MARKER.mark(TARGET, "The gull sat on the lege.").words().get(5);
    assertEquals(Kind.MATCH, word.kind());
    assertEquals("final-j=UNDER", Marking.failures(word.mark().orElseThrow()));
  }

  @ParameterizedTest(name = "{0} / {1}: {2}")
  @CsvSource(
      delimiter = '|',
      value = {
        "The gull sat. | the gull sat | capital-start=UNDER end-mark=UNDER",
        "The gull sat. | The gull sat? | end-mark=UNDER",
        "The gull sat. | The gull. sat. | end-mark=OVER",
        "The gull sat. | The Gull sat. | capital-name=OVER",
        "We saw Ada on Monday. | We saw ada on monday. | capital-name=UNDER",
        "Ada and I sat. | Ada and i sat. | capital-i=UNDER",
        "I can't see. | I cant see. | apostrophe=UNDER",
        "I can't see. | I ca'nt see. | apostrophe=UNDER",
        "The hens sat. | The hen's sat. | apostrophe=OVER",
        "The gull sat. | Thegull sat. | word-space=UNDER",
        "The seagull sat. | The sea gull sat. | word-space=OVER",
        "The gull sat. | The sat gull. | word-order=UNDER",
        "The gull sat. | The sat. | word-order=UNDER",
        "The gull sat. | The gull gull sat. | word-order=UNDER",
        "The dog ran. | Dog ran. | word-order=UNDER",
        "The dog ran. | Then the dog ran. | word-order=UNDER",
        "The dog ran. | And The dog ran. | word-order=UNDER",
        "The dog ran. | The and Dog ran. | capital-name=OVER word-order=UNDER",
        "The gull sat. | The fish sat. | -",
        "The gull sat. | The gul sat. | -",
        "'\"Stop,\" said Ada.' | Stop said Ada. | comma=UNDER speech-marks=UNDER",
        "The gulls' nest fell. | The gulls nest fell. | apostrophe=UNDER",
        "The gulls sat. | The gulls' sat. | apostrophe=OVER",
        "Tom's dogs ran. | Toms dog's ran. | apostrophe=UNDER apostrophe=OVER",
        "The seagull sat on it. | The sea gull saton it. | word-space=OVER word-space=UNDER",
        "The gull sat. | The gull, sat. | comma=OVER",
        "Come here, Ada. | Come here Ada. | comma=UNDER",
        "The gull sat. | The gull sat.. | end-mark=OVER",
        "The gull sat on the wall. | On the wall the gull sat. | word-order=UNDER",
        "The gull sat. | The gull sat. | -"
      })
  void judgesEachConventionOnce(String target, String attempt, String failed) {
    String found =
        MARKER.mark(target, attempt).conventions().stream()
            .filter(c -> c.outcome() == Outcome.UNDER || c.outcome() == Outcome.OVER)
            .map(c -> c.rule() + "=" + c.outcome())
            .collect(Collectors.joining(" "));
    assertEquals(failed, found.isEmpty() ? "-" : found);
  }

  @Test
  void caseAndApostrophesSpoilNoWord() {
    var mark = MARKER.mark("We saw Tom's boat.", "we saw toms Boat");
    mark.words().forEach(w -> assertEquals(Result.RIGHT, w.mark().orElseThrow().result()));
    assertEquals(
        List.of("toms"),
        mark.conventions().stream()
            .filter(c -> c.rule().equals("apostrophe"))
            .findFirst()
            .orElseThrow()
            .words());
  }

  @Test
  void marksBothPartsOfJoinedWords() {
    var joined = MARKER.mark("We saw a ledge.", "We saw alege.").words().get(2);
    assertEquals("a ledge", joined.target());
    assertEquals(Kind.JOINED, joined.kind());
    assertEquals("final-j=UNDER", Marking.failures(joined.parts().get(1)));
  }

  @Test
  void manyJoinedWordsAreEachMarked() {
    var joined = MARKER.mark(TARGET, "Thegullsatonthelege.").words().get(0);
    assertEquals("The gull sat on the ledge", joined.target());
    assertEquals(6, joined.parts().size());
    assertEquals("final-j=UNDER", Marking.failures(joined.parts().get(5)));
  }

  /** In a list of words nothing else tells of the capital; in a sentence the convention does. */
  @Test
  void aNameWithoutItsCapitalIsRightAndNoted() {
    Mark alone = Marking.mark("monday", "monday");
    assertEquals(Result.RIGHT, alone.result());
    assertEquals(List.of("small-letter"), alone.oddities());
    assertEquals(
        List.of("Monday is a name and starts with a capital."),
        Explanation.of(alone, Marking.BRITISH.accent()));
    assertEquals(List.of(), Marking.mark("monday", "Monday").oddities());
    var inside = MARKER.mark("We go on Monday.", "We go on monday.").words().get(3);
    assertEquals(List.of(), inside.mark().orElseThrow().oddities());
  }

  @Test
  void judgesNothingWhenNothingIsWritten() {
    var mark = MARKER.mark(TARGET, "");
    assertEquals(6, mark.words().stream().filter(w -> w.kind() == Kind.MISSING).count());
    assertEquals(Outcome.UNTESTED, mark.conventions().get(0).outcome());
  }
}
