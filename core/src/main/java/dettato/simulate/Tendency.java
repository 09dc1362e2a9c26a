package dettato.simulate;

import dettato.word.Word;
import java.util.Optional;
import java.util.Random;

/** Something a simulated child does wherever it can show. */
public sealed interface Tendency permits Habit, Preference, Mishearing {
  /** How often it shows where it can, in [0, 1]. */
  double strength();

  /**
   * The word as the tendency makes the child write it this time; empty when it does not show.
   *
   * @param random decides, place by place, whether it shows
   */
  Optional<String> write(Word word, Random random);
}
