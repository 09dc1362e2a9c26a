package dettato.app.school;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A child who is or was in a class.
 *
 * @param from first day, null where it is not known
 * @param to first day the child is no more in it, null while it is
 * @param extraTime to write, in hundredths of what the others have
 */
public record Enrolled(
    @JsonIgnore Long classId,
    Long id,
    String name,
    @Nullable LocalDate from,
    @Nullable LocalDate to,
    int extraTime) {

  /** Whether the child is in the class on a day. */
  public boolean isThereOn(LocalDate day) {
    return (from == null || !from.isAfter(day)) && (to == null || to.isAfter(day));
  }

  public Pupil pupil() {
    return new Pupil(id, name);
  }
}
