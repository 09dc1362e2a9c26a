package dettato.app.outcome;

import dettato.activity.Judged;
import dettato.diagnose.SoundRecord;
import dettato.mark.Mark;
import dettato.mark.Result;
import dettato.rule.Outcome;
import java.time.LocalDate;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * One judged attempt.
 *
 * @param attempt its id
 * @param pupil whose it is
 * @param written whether something was written; not when it was left blank
 * @param own the teacher's own result, which decides what counts
 */
public record Judgement(
    long attempt, long pupil, LocalDate day, boolean written, Judged judged, @Nullable Result own) {

  /** What a rule's outcome counts as; nothing when the teacher does not count the attempt. */
  Optional<Outcome> counted(Outcome derived) {
    if (own == null) {
      return Optional.of(derived);
    }
    return switch (own) {
      case RIGHT -> Optional.of(Outcome.APPLIED);
      case BLANK, ABSENT -> Optional.empty();
      case READS_RIGHT, READS_OTHERWISE, SOUND_ERROR -> Optional.of(derived);
    };
  }

  /** Whether its sounds and words say anything of the child. */
  boolean tells() {
    boolean set = own == Result.RIGHT || own == Result.BLANK || own == Result.ABSENT;
    return written && !set;
  }

  /** Whether the sounds of one of its words do. */
  boolean tells(Mark mark) {
    return tells() && SoundRecord.tells(mark);
  }
}
