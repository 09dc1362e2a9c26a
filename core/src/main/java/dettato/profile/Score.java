package dettato.profile;

import dettato.mark.LetterSequences;
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
 * @param elements for each sound 3 when it is exact, 2 in another legal spelling, 1 in one that is
 *     not, 0 when it is missing (Masterson and Apel 2010); three times {@code sounds} at most
 * @param sequences letter sequences of all the words
 * @param sequencesRight how many of them are written
 * @param marked words that were to be marked
 * @param marksRight how many of them have their marks right, whatever their letters
 * @param bothRight how many of them have letters and marks right
 * @param targets words that ask something of what the session is about
 * @param targetsRight those in which it is as it should be
 */
public record Score(
    int words,
    int right,
    int readRight,
    int sounds,
    int heard,
    int elements,
    int sequences,
    int sequencesRight,
    int marked,
    int marksRight,
    int bothRight,
    int targets,
    int targetsRight) {
  private static final int EXACT = 3;

  /** Nothing yet. */
  public static final Score NONE = new Score(0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0);

  /**
   * With one word more.
   *
   * @param right whether it counts as right
   * @param readsRight whether it is not right, but reads so
   */
  public Score with(
      String target,
      String written,
      boolean right,
      boolean readsRight,
      int sounds,
      int heard,
      int elements) {
    int due = LetterSequences.of(target);
    return plus(
        new Score(
            1,
            right ? 1 : 0,
            readsRight ? 1 : 0,
            sounds,
            right ? sounds : heard,
            right ? EXACT * sounds : elements,
            due,
            right ? due : LetterSequences.right(target, written),
            0,
            0,
            0,
            0,
            0));
  }

  /** With the marks on one word more. */
  public Score withMarks(boolean marksAreRight, boolean lettersToo) {
    return plus(
        new Score(0, 0, 0, 0, 0, 0, 0, 0, 1, marksAreRight ? 1 : 0, lettersToo ? 1 : 0, 0, 0));
  }

  /** With what the session is about. */
  public Score about(int asked, int asTheyShould) {
    return plus(new Score(0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, asked, asTheyShould));
  }

  private Score plus(Score more) {
    return new Score(
        words + more.words,
        right + more.right,
        readRight + more.readRight,
        sounds + more.sounds,
        heard + more.heard,
        elements + more.elements,
        sequences + more.sequences,
        sequencesRight + more.sequencesRight,
        marked + more.marked,
        marksRight + more.marksRight,
        bothRight + more.bothRight,
        targets + more.targets,
        targetsRight + more.targetsRight);
  }

  /** How many elements there may be. */
  public int mostElements() {
    return EXACT * sounds;
  }

  /** In a line, what the class counts as right first. */
  public String says(Rightness counts) {
    if (words == 0) {
      return "nothing entered yet";
    }
    List<String> parts = new ArrayList<>();
    if (counts == Rightness.TARGET && targets > 0) {
      parts.add("what it is about: %d of %d right".formatted(targetsRight, targets));
    }
    if (counts == Rightness.MARKED && marked > 0) {
      parts.add("%d of %d right and marked right".formatted(bothRight, marked));
    }
    parts.add(
        "%d of %d words right".formatted(right, words)
            + (counts == Rightness.READS_RIGHT ? ", %d more read right".formatted(readRight) : ""));
    parts.add("%d of %d sounds written".formatted(heard, sounds));
    parts.add("elements %d of %d".formatted(elements, mostElements()));
    parts.add("letter sequences %d of %d".formatted(sequencesRight, sequences));
    if (marked > 0) {
      parts.add("marks %d of %d".formatted(marksRight, marked));
    }
    return String.join(" · ", parts);
  }
}
