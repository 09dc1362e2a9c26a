package dettato.word;

import dettato.sound.Accent;
import dettato.sound.Sounds;
import java.util.Optional;

/**
 * A weak vowel with the l that ends a word (camel, metal, pencil): two units, heard as the one at
 * the end of <em>apple</em> is, and so rivals of its le.
 *
 * @param unit index of the vowel's
 * @param ipa in an accent
 * @param grapheme the letters of both
 */
public record SyllabicL(int unit, String ipa, String grapheme) {
  private static final String L = "l";

  /** That of a word; empty when it ends otherwise. */
  public static Optional<SyllabicL> of(Word word, Accent accent) {
    Segmentation cut = word.cut();
    int vowel = cut.size() - 2;
    if (vowel < 1 || cut.beats() < 2 || !endsWeakly(cut.unit(vowel), cut.unit(vowel + 1))) {
      return Optional.empty();
    }
    String ipa = accent.say(Sounds.of("commA")) + accent.say(Sounds.of(L));
    return Optional.of(new SyllabicL(vowel, ipa, cut.unit(vowel).grapheme().text() + L));
  }

  private static boolean endsWeakly(Unit vowel, Unit last) {
    return vowel.isHardlyHeard()
        && !vowel.grapheme().isSplit()
        && last.sound().id().equals(L)
        && last.grapheme().text().equals(L);
  }
}
