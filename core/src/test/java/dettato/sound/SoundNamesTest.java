package dettato.sound;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class SoundNamesTest {
  @ParameterizedTest(name = "{0}: {1}")
  @CsvSource({
    "The sound /eɪ/ is missing., The sound ai as in rain is missing.",
    "/tʃ/ after a short vowel, ch as in chin after a short vowel",
    "/ʊ/ as in hook: 3 of 4, uu as in hook: 3 of 4",
    "/eɪ/ as ai; ay, ai as in rain: ai; ay",
    "It reads /smjuːdʒ/., It reads smyooj.",
    "either/or and 3/4 stay, either/or and 3/4 stay",
    "Open words/new/list., Open words/new/list."
  })
  void writesSoundsWithAWord(String text, String said) {
    assertEquals(said, new SoundNames(Accents.of("en-GB"), SoundSigns.WORD).in(text));
  }

  @Test
  void writesThemByLettersOrInPhoneticSignsWhereAClassWantsThat() {
    String text = "The sound /eɪ/ is in /reɪn/.";
    Accent british = Accents.of("en-GB");
    assertEquals("The sound ai is in rain.", new SoundNames(british, SoundSigns.LETTERS).in(text));
    assertEquals(text, new SoundNames(british, SoundSigns.PHONETIC).in(text));
  }

  @ParameterizedTest
  @ValueSource(strings = {"en-GB", "en-US"})
  void everySoundOfAnAccentHasLettersOfItsOwn(String accent) {
    SoundNames names = new SoundNames(Accents.of(accent), SoundSigns.LETTERS);
    names.marks().forEach((ipa, mark) -> assertFalse(mark.isEmpty(), ipa));
    names.marks().values().forEach(m -> assertEquals(m, m.replaceAll("[^a-z]", ""), m));
  }
}
