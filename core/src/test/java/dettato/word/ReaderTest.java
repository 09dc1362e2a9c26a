package dettato.word;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.sound.Accent;
import dettato.sound.Accents;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

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
    "boxes, bɒksɪz"
  })
  void readsASpellingByRule(String spelling, String ipa) {
    assertEquals(ipa, said(spelling));
  }

  /** The words are those the rules were made with, so this is no measure of unseen ones. */
  @Test
  void readsNineInTenOneBeatWordsOfTheLexicon() {
    List<Word> words =
        Lexicon.shipped().words("en-GB").stream()
            .filter(w -> w.isOneBeat() && w.use() == Word.Use.CHOOSE)
            .toList();
    long right =
        words.stream().filter(w -> said(w.spelling()).equals(w.cut().ipa(BRITISH))).count();
    assertTrue(right >= 0.9 * words.size(), right + " of " + words.size());
  }

  private static String said(String spelling) {
    return Reader.read(spelling).stream()
        .map(u -> BRITISH.say(u.sound()))
        .collect(Collectors.joining());
  }
}
