package dettato.word;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.sound.Accents;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HomophonesTest {
  private static final Lexicon LEXICON = Lexicon.shipped();

  private static List<String> alike(String spelling, String accent) {
    Homophones homophones = new Homophones(LEXICON.words(accent), Accents.of(accent));
    return homophones.of(LEXICON.find(spelling, accent).orElseThrow());
  }

  @ParameterizedTest(name = "{0} and {1}: alike in Britain {2}, in America {3}")
  @CsvSource({
    "sea, see, true, true",
    "saw, sore, true, false",
    "father, farther, true, false",
    "caught, court, true, false",
    "cot, caught, false, false",
    "son, sun, true, true"
  })
  void mergesWhatTheAccentMerges(String a, String b, boolean british, boolean american) {
    assertEquals(british, alike(a, "en-GB").contains(b));
    assertEquals(american, alike(a, "en-US").contains(b));
  }

  @Test
  void aNorthernEarHearsOtherPairs() {
    assertTrue(alike("stud", "en-GB-x-north").contains("stood"));
    assertFalse(alike("stud", "en-GB").contains("stood"));
  }

  @Test
  void groupsHaveTwoSpellingsAtLeast() {
    List<Set<String>> groups = new Homophones(LEXICON.words("en-GB"), Accents.of("en-GB")).groups();
    assertTrue(groups.size() > 200, groups.size() + " groups");
    assertTrue(groups.stream().allMatch(g -> g.size() > 1));
  }

  @Test
  void theThreeThousandCommonestAndEveryHomophoneToProposeHaveAClue() {
    List<Word> choose =
        LEXICON.words("en-GB").stream().filter(w -> w.use() == Word.Use.CHOOSE).toList();
    Homophones homophones = new Homophones(choose, Accents.of("en-GB"));
    List<String> without = new ArrayList<>();
    for (int i = 0; i < choose.size(); i++) {
      Word word = choose.get(i);
      if (word.clue().isEmpty() && (i < 3_000 || !homophones.of(word).isEmpty())) {
        without.add(word.spelling());
      }
    }
    assertEquals(List.of(), without);
  }
}
