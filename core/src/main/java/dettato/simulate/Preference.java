package dettato.simulate;

import dettato.word.Segmentation;
import dettato.word.Word;
import java.util.Optional;
import java.util.Random;

/**
 * One grapheme that a simulated child writes for a sound, whichever is due.
 *
 * @param sound id of the sound, such as FACE
 * @param grapheme what the child writes, such as a_e; a split digraph only where one consonant ends
 *     the word after it
 * @param strength how often it shows where it can, in [0, 1]
 */
public record Preference(String sound, String grapheme, double strength) implements Tendency {
  @Override
  public Optional<String> write(Word word, Random random) {
    Segmentation cut = word.cut();
    for (int i = 0; i < cut.size(); i++) {
      if (canShow(cut, i) && random.nextDouble() < strength) {
        return Optional.of(cut.spelledWith(i, grapheme));
      }
    }
    return Optional.empty();
  }

  private boolean canShow(Segmentation cut, int i) {
    boolean due = cut.unit(i).sound().id().equals(sound);
    boolean other = !cut.unit(i).grapheme().text().equals(grapheme);
    boolean fits =
        grapheme.indexOf('_') < 0
            || i == cut.size() - 2
                && cut.unit(i + 1).grapheme().text().length() == 1
                && !cut.unit(i + 1).sound().isVowel();
    return due && other && fits;
  }
}
