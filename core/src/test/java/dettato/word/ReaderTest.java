package dettato.word;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.sound.Accent;
import dettato.sound.Accents;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ReaderTest {
  private static final Accent BRITISH = Accents.of("en-GB");

  @ParameterizedTest(name = "{0} reads {1}")
  @CsvSource({
    "rige, raɪdʒ",
    "griping, ɡraɪpɪŋ",
    "gripping, ɡrɪpɪŋ",
    "brantch, bræntʃ",
    "smuge, smjuːdʒ",
    "steem, stiːm",
    "knight, naɪt",
    "quick, kwɪk",
    "wap, wɒp",
    "gem, dʒem",
    "thanck, θæŋk",
    "sadnes, sædnɪs",
    "splas, splæs",
    "boxes, bɒksɪz"
  })
  void readsASpellingByRule(String spelling, String ipa) {
    assertEquals(ipa, said(spelling, BRITISH));
  }

  /** The words are those the rules were made with, so this is no measure of unseen ones. */
  @ParameterizedTest
  @ValueSource(strings = {"en-GB", "en-US"})
  void readsMostOneBeatWordsOfTheLexicon(String id) {
    Accent accent = Accents.of(id);
    List<Word> words = Lexicon.shipped().words(id).stream().filter(Word::isOneBeat).toList();
    long right =
        words.stream().filter(w -> said(w.letters(), accent).equals(w.cut().ipa(accent))).count();
    assertTrue(right >= 0.92 * words.size(), right + " of " + words.size());
  }

  private static String said(String spelling, Accent accent) {
    return Reader.read(spelling).stream()
        .map(u -> accent.say(u.sound()))
        .collect(Collectors.joining());
  }
}
