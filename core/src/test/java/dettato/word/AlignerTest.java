package dettato.word;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.sound.Correspondences;
import dettato.sound.Sound;
import dettato.word.Aligner.Realisation;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** With each sound pronounced by its own id, so that phones are sounds. */
class AlignerTest {
  private static final long SEED = 3;
  private static final Aligner ALIGNER = new Aligner(itself());

  @ParameterizedTest(name = "{0} is {2}")
  @CsvSource({
    "cake, k FACE k, c a_e k", "cakes, k FACE k s, c a_e k s", "night, n PRICE t, n igh t",
    "rabbit, r TRAP b KIT t, r a bb i t", "paste, p FACE s t, p a_e s t", "cage, k FACE dʒ, c a ge",
    "bridge, b r KIT dʒ, b r i dge", "knee, n FLEECE, kn ee", "house, h MOUTH s, h ou se",
    "planted, p l BATH n t KIT d, p l a n t ed", "come, k STRUT m, c o_e m"
  })
  void findsTheCheapestCut(String spelling, String phones, String graphemes) {
    Segmentation cut = ALIGNER.align(spelling, List.of(phones.split(" "))).orElseThrow();
    assertEquals(
        graphemes,
        cut.units().stream().map(u -> u.grapheme().text()).collect(Collectors.joining(" ")));
  }

  @ParameterizedTest(name = "{0} cannot be {1}")
  @CsvSource({"cat, k TRAP", "cat, d TRAP t", "cat, k TRAP t s", "zzz, k"})
  void hasNoSilentLetterFallback(String spelling, String phones) {
    assertTrue(ALIGNER.align(spelling, List.of(phones.split(" "))).isEmpty());
  }

  @Test
  void whatItFindsSpellsTheWordAndSaysThePhones() {
    List<Word> words = Lexicon.shipped().words("en-GB");
    Random random = new Random(SEED);
    for (int i = 0; i < 300; i++) {
      Word word = words.get(random.nextInt(words.size()));
      List<String> phones = phones(word.cut());
      Segmentation found = ALIGNER.align(word.spelling(), phones).orElseThrow();
      assertEquals(word.spelling(), found.spelling());
      assertEquals(phones, phones(found), word.spelling() + " seed " + SEED);
    }
  }

  private static List<String> phones(Segmentation cut) {
    List<String> phones = new ArrayList<>();
    for (Unit unit : cut.units()) {
      if (unit.sound().isRun()) {
        unit.sound().parts().forEach(p -> phones.add(p.id()));
      } else {
        phones.add(unit.sound().id());
      }
    }
    return phones;
  }

  private static Map<String, List<Realisation>> itself() {
    Map<String, List<Realisation>> map = new HashMap<>();
    for (Sound sound : Correspondences.sounds()) {
      List<String> phones =
          sound.isRun() ? sound.parts().stream().map(Sound::id).toList() : List.of(sound.id());
      map.put(sound.id(), List.of(new Realisation(phones, 0)));
    }
    return map;
  }
}
