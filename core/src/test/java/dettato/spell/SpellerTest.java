package dettato.spell;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.word.Join;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpellerTest {
  private static final Accent BRITISH = Accents.of("en-GB");
  private static final Speller SPELLER = new Speller(Lexicon.shipped().words("en-GB"), BRITISH);

  /** Sounds that no word has, spelled as the rules have it. */
  @ParameterizedTest(name = "/{0}/ is spelled {1}")
  @CsvSource({
    "flædʒ, fladge",
    "smɒk, smock",
    "ˈzɪpɪŋ, zipping",
    "bleɪf, blafe",
    "splætʃ, splatch",
    "kwɛnt, ''",
    "kwent, quent"
  })
  void spellsWhatItNeverSaw(String ipa, String spelling) {
    List<Speller.Spelling> found = SPELLER.spell(ipa, 1);
    assertEquals(spelling, found.isEmpty() ? "" : found.get(0).letters());
  }

  @Test
  void ranksByConfidenceAndCutsWhatItSpells() {
    List<Speller.Spelling> found = SPELLER.spell("seɪl", 6);
    assertTrue(found.stream().anyMatch(s -> s.letters().equals("sale")), found.toString());
    assertTrue(found.stream().anyMatch(s -> s.letters().equals("sail")), found.toString());
    for (int i = 1; i < found.size(); i++) {
      assertTrue(found.get(i - 1).confidence() >= found.get(i).confidence());
    }
    assertEquals("seɪl", found.get(0).cut().ipa(BRITISH));
  }

  /** The weak vowel of about is not the loud one of up. */
  @Test
  void heedsStressWhereItIsMarked() {
    assertEquals("about", SPELLER.spell("əˈbaʊt", 1).get(0).letters());
  }

  /** A tenth is held out; docs/lexicon.md has the figures for all ten tenths, by sounds. */
  @Test
  void spellsTwoInThreeWordsHeldOutWithItsFirstChoice() {
    List<Word> train = new ArrayList<>();
    List<Word> test = new ArrayList<>();
    for (Word word : Lexicon.shipped().words("en-GB")) {
      String family = word.join().map(Join::base).orElse(word.spelling());
      (Math.floorMod(family.hashCode(), 10) == 3 ? test : train).add(word);
    }
    Speller speller = new Speller(train, BRITISH);
    List<Word> sample = test.subList(0, 600);
    long right =
        sample.stream()
            .filter(
                w ->
                    speller.spell(Speller.sounds(w, BRITISH), 1).stream()
                        .anyMatch(s -> s.letters().equals(w.spelling())))
            .count();
    assertTrue(right >= 0.6 * sample.size(), right + " of " + sample.size());
  }

  @Test
  void saysWhatIsNoSound() {
    assertThrows(IllegalArgumentException.class, () -> SPELLER.spell(" ", 1));
    assertThrows(IllegalArgumentException.class, () -> SPELLER.spell("t".repeat(41), 1));
    assertFalse(SPELLER.spell("t", 3).isEmpty());
  }
}
