package dettato.mark;

import static org.junit.jupiter.api.Assertions.assertEquals;

import dettato.mark.SentenceMarker.Kind;
import dettato.rule.Outcome;
import dettato.word.Lexicon;
import java.util.List;
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
  })
  void pairsWordsBeforeItMarksThem(String attempt, String kinds) {
    assertEquals(
        List.of(kinds.split(" ")),
        MARKER.mark(TARGET, attempt).words().stream().map(w -> w.kind().name()).toList());
  }

  @Test
  void marksAPairedWordAsAWord() {
    var word = MARKER.mark(TARGET, "The gull sat on the lege.").words().get(5);
    assertEquals(Kind.MATCH, word.kind());
    assertEquals("final-j=UNDER", Marking.failures(word.mark().orElseThrow()));
  }

  @Test
  void judgesCapitalAndEndMarkApartFromTheWords() {
    var mark = MARKER.mark(TARGET, "the gull sat on the ledge");
    assertEquals(
        List.of(
            new SentenceMarker.Convention("capital-start", Outcome.UNDER),
            new SentenceMarker.Convention("end-mark", Outcome.UNDER)),
        mark.conventions());
    assertEquals(Result.RIGHT, mark.words().get(0).mark().orElseThrow().result());
  }

  @Test
  void judgesNothingWhenNothingIsWritten() {
    var mark = MARKER.mark(TARGET, "");
    assertEquals(6, mark.words().stream().filter(w -> w.kind() == Kind.MISSING).count());
    assertEquals(Outcome.UNTESTED, mark.conventions().get(0).outcome());
  }
}
