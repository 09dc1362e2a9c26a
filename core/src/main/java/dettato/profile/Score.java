package dettato.profile;

import java.util.ArrayList;
import java.util.List;

/**
 * What stands on a paper, in numbers.
 *
 * @param words that were asked and written, or left out
 * @param right spelled as they are
 * @param readRight of the others, how many read right
 * @param sounds of all the words
 * @param heard how many of them are written in some spelling of theirs
 * @param targets words that ask something of what the session is about
 * @param targetsRight those in which it is as it should be
 */
public record Score(
    int words, int right, int readRight, int sounds, int heard, int targets, int targetsRight) {

  /** In a line, what the class counts as right first. */
  public String says(Rightness counts) {
    if (words == 0) {
      return "nothing entered yet";
    }
    List<String> parts = new ArrayList<>();
    if (counts == Rightness.TARGET && targets > 0) {
      parts.add("what it is about: %d of %d right".formatted(targetsRight, targets));
    }
    parts.add(
        "%d of %d words right".formatted(right, words)
            + (counts == Rightness.READS_RIGHT ? ", %d more read right".formatted(readRight) : ""));
    parts.add("%d of %d sounds written".formatted(heard, sounds));
    return String.join(" · ", parts);
  }
}
