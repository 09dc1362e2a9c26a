package dettato.choose;

import dettato.find.RivalChooser;
import dettato.focus.Focus;
import dettato.plan.WordChooser;
import dettato.word.Word;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Words for one focus: both sides of a rule, as many of each rival grapheme, or irregular words.
 *
 * @param without spellings not to be taken
 * @param broken conditions of a rule that come before its others
 * @param easy whether the easiest are taken, easy ones before hard ones
 * @param seed the same seed gives the same words
 */
public record FocusWords(
    int count, Set<String> without, Set<String> broken, boolean easy, long seed, Material material)
    implements Focus.Cases<List<Word>> {
  @Override
  public List<Word> rule(String id) {
    return material
        .chooser()
        .choose(
            new WordChooser.Request(
                id, count, material.step(), easy, without, broken, material.habits().ahead(), seed))
        .stream()
        .map(c -> c.word())
        .toList();
  }

  @Override
  public List<Word> rivals(String sound, List<String> graphemes) {
    List<Word> words = rivals(sound, graphemes, count, material.step(), without);
    if (words.size() == count || !material.habits().ahead()) {
      return words;
    }
    Set<String> taken = new HashSet<>(without);
    words.forEach(w -> taken.add(w.spelling()));
    return Stream.concat(
            words.stream(), rivals(sound, graphemes, count - words.size(), -1, taken).stream())
        .toList();
  }

  private List<Word> rivals(
      String sound, List<String> graphemes, int some, int step, Set<String> barred) {
    return material
        .rivals()
        .choose(new RivalChooser.Request(sound, graphemes, some, step, barred, seed));
  }

  /** Words to know by heart: irregular for what is taught by now, the rest of each taught. */
  @Override
  public List<Word> irregular() {
    return material
        .tasks()
        .irregulars()
        .make(Wanted.of(Optional.of(new Focus.Irregular()), count, without, seed), material)
        .stream()
        .map(t -> material.word().apply(t.text()))
        .toList();
  }
}
