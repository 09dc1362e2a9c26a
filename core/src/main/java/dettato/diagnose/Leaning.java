package dettato.diagnose;

import java.time.LocalDate;
import java.util.List;

/**
 * What a child writes for one sound, beside the rules.
 *
 * @param sound id of the sound that was due
 * @param written the grapheme written where another was due, or the sound's confusion by name
 * @param opportunities how many places could have shown it
 * @param failures how many did
 * @param probability that the child's true rate of success there is below what counts as secure
 * @param isPattern whether it is more than a slip
 * @param examples what it rests on, newest first
 * @param wouldChange what would change this, in words
 */
public record Leaning(
    Kind kind,
    String sound,
    String written,
    int opportunities,
    int failures,
    double probability,
    boolean isPattern,
    List<Example> examples,
    String wouldChange) {

  /** What is leant towards. */
  public enum Kind {
    /** One grapheme for the sound, where another is due. */
    GRAPHEME,
    /** Another sound, or none, by the name of the confusion. */
    CONFUSION
  }

  /** One attempt that shows it. */
  public record Example(LocalDate date, String target, String attempt) {}

  public Leaning {
    examples = List.copyOf(examples);
  }
}
