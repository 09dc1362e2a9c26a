package dettato.mark;

import java.util.Optional;

/**
 * What stands for one unit of the target in an attempt.
 *
 * @param written the letters; a split digraph's with a gap (a_e); "" when nothing does
 * @param confusion the name of what was confused, when it has one: voicing, mirror, split-open …
 */
public record UnitMark(String written, Verdict verdict, Optional<String> confusion) {
  public UnitMark {
    if (written.isEmpty() && verdict != Verdict.MISSING && verdict != Verdict.ALTERNATIVE) {
      throw new IllegalArgumentException("a unit with nothing written is MISSING, not " + verdict);
    }
  }

  /** Whether the letters of the unit before spell this one too, or the two meet in one letter. */
  public boolean isSpelledByOther() {
    return verdict == Verdict.ALTERNATIVE && written.isEmpty() && confusion.isEmpty();
  }
}
