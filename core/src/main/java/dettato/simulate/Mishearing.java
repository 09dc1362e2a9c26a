package dettato.simulate;

import dettato.word.Segmentation;
import dettato.word.Word;
import java.util.Optional;
import java.util.Random;

/**
 * A sound that a simulated child takes for another, or does not hear.
 *
 * @param sound id of the sound, such as θ
 * @param instead the grapheme of the other sound, such as f; "" when nothing is heard
 * @param beforeConsonant whether it shows only right before a consonant (the n of bend)
 * @param strength how often it shows where it can, in [0, 1]
 */
public record Mishearing(String sound, String instead, boolean beforeConsonant, double strength)
    implements Tendency {
  @Override
  public Optional<String> write(Word word, Random random) {
    Segmentation cut = word.cut();
    for (int i = 0; i < cut.size(); i++) {
      boolean here = cut.unit(i).sound().id().equals(sound);
      boolean place =
          !beforeConsonant || i > 0 && !cut.isLast(i) && !cut.unit(i + 1).sound().isVowel();
      if (here && place && random.nextDouble() < strength) {
        return Optional.of(cut.spelledWith(i, instead)).filter(w -> !w.isEmpty());
      }
    }
    return Optional.empty();
  }
}
