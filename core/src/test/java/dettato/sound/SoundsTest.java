package dettato.sound;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SoundsTest {
  private static final Accent BRITISH = Accents.of("en-GB");
  private static final Accent AMERICAN = Accents.of("en-US");

  @Test
  void everyAccentSaysEverySound() {
    for (Accent accent : Accents.all()) {
      for (Sound sound : Sounds.all()) {
        assertFalse(accent.say(sound).isEmpty(), accent.id() + " " + sound);
      }
    }
  }

  @ParameterizedTest(name = "{0} is {1} in southern British, {2} in General American")
  @CsvSource({
    "BATH, ɑː, æ",
    "LOT, ɒ, ɑ",
    "START, ɑː, ɑr",
    "NURSE, ɜː, ɝ",
    "TUNE, juː, u",
    "CUTE, juː, ju",
    "GOAT, əʊ, oʊ",
    "THOUGHT, ɔː, ɔ",
    "NORTH, ɔː, ɔr",
    "k+s, ks, ks",
    "commA+l, əl, əl",
    "PRICE+lettER, aɪə, aɪɚ"
  })
  void saysALexicalSet(String sound, String british, String american) {
    assertEquals(british, BRITISH.say(Sounds.of(sound)));
    assertEquals(american, AMERICAN.say(Sounds.of(sound)));
  }

  @ParameterizedTest(name = "{0} and {1}: merged in British {2}, in American {3}")
  @CsvSource({
    "THOUGHT, NORTH, true, false", "PALM, START, true, false", "PALM, BATH, true, false",
    "TRAP, BATH, false, true", "LOT, PALM, false, true", "LOT, THOUGHT, false, false",
    "LOT, CLOTH, true, false", "KIT, DRESS, false, false"
  })
  void mergesSetsThatSoundAlike(String a, String b, boolean british, boolean american) {
    assertEquals(british, BRITISH.alike(Sounds.of(a), Sounds.of(b)));
    assertEquals(american, AMERICAN.alike(Sounds.of(a), Sounds.of(b)));
  }

  @Test
  void onlyAmericanSoundsTheRAfterAVowel() {
    assertFalse(BRITISH.rhotic());
    assertTrue(AMERICAN.rhotic());
  }

  @Test
  void aRunKnowsItsPartsAndItsKind() {
    Sound run = Sounds.of("commA+l");
    assertTrue(run.isRun() && run.isVowel());
    assertEquals(List.of("commA", "l"), run.parts().stream().map(Sound::id).toList());
    assertEquals(Sounds.of("commA"), run.first());
    assertEquals(Sounds.of("l"), run.last());
    assertFalse(Sounds.of("k+s").isVowel());
  }

  @Test
  void namesAnUnknownSoundOrAccentAndWhatToDo() {
    assertTrue(message(() -> Sounds.of("g")).contains("write ɡ for g"));
    assertTrue(message(() -> Accents.of("en-XX")).contains("en-GB, en-US"));
  }

  @Test
  void noCorrespondenceIsListedTwice() {
    Set<String> seen = new HashSet<>();
    for (Correspondence c : Correspondences.all()) {
      assertTrue(seen.add(c.sound() + "/" + c.grapheme()), c.toString());
    }
  }

  @Test
  void aCorrespondenceNeedsAnExampleThatHasIt() {
    assertThrows(
        IllegalArgumentException.class,
        () ->
            new Correspondence(
                Sounds.of("FACE"), new Grapheme("ay"), Correspondence.Use.COMMON, "rain"));
    assertThrows(
        IllegalArgumentException.class,
        () ->
            new Correspondence(
                Sounds.of("FACE"), new Grapheme("a_e"), Correspondence.Use.COMMON, "rain"));
  }

  @ParameterizedTest(name = "{0} may be {1} in {2}: {3}")
  @CsvSource({
    "THOUGHT, or, en-GB, true", "THOUGHT, or, en-US, false", "FACE, ai, en-GB, true",
    "FACE, et, en-GB, false", "k, ck, en-US, true", "z, s, en-GB, true"
  })
  void legalSpellingsFollowTheAccentAndLeaveOutOddOnes(
      String sound, String grapheme, String accent, boolean legal) {
    assertEquals(
        legal,
        Correspondences.legal(Sounds.of(sound), Accents.of(accent)).stream()
            .anyMatch(c -> c.grapheme().text().equals(grapheme)));
  }

  @Test
  void aGraphemeKnowsItsGap() {
    Grapheme split = new Grapheme("a_e");
    assertTrue(split.isSplit());
    assertEquals("a", split.head());
    assertEquals("ae", split.letters());
    assertFalse(new Grapheme("igh").isSplit());
    assertThrows(IllegalArgumentException.class, () -> new Grapheme(""));
  }

  private static String message(Runnable failing) {
    return String.valueOf(assertThrows(IllegalArgumentException.class, failing::run).getMessage());
  }
}
