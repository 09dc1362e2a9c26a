package dettato.text;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import dettato.sound.Accents;
import dettato.word.Lexicon;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PhrasesTest {
  private static final Phrases PHRASES = new Phrases(Lexicon.shipped(), Accents.of("en-GB"));

  /** Cut by hand first. */
  @ParameterizedTest
  @CsvSource(
      textBlock =
          """
          The little apple fell on the table.|The little apple fell / on the table.
          We made a castle and dug a moat.|We made a castle / and dug a moat.
          Be careful on the wet steps!|Be careful / on the wet steps!
          I had a shower after the swim.|I had a shower / after the swim.
          Look, there is a seal!|Look, / there is a seal!
          He wore a hat and tore it.|He wore a hat / and tore it.
          A loud sound came out of the south.|A loud sound came / out of the south.
          It's too wet to play outside.|It's too wet / to play outside.
          Dad mended the net.|Dad mended the net.
          """,
      delimiter = '|')
  void breaksWhereTheGrammarAllows(String sentence, String phrases) {
    assertEquals(phrases, String.join(" / ", PHRASES.of(new Sentence(sentence))));
  }

  /** All words are kept; no phrase ends in a or the, and none is longer than five words. */
  @Test
  void noSentenceOfOursIsCutAfterADeterminer() {
    for (Sentence sentence : SentenceBank.shipped()) {
      List<String> phrases = PHRASES.of(sentence);
      assertEquals(sentence.text(), String.join(" ", phrases));
      for (String phrase : phrases) {
        assertFalse(phrase.matches("(?i).*\\b(a|an|the|my|his|her|our)$"), sentence.text());
        assertFalse(phrase.split(" ").length > 5, sentence.text());
      }
    }
  }
}
