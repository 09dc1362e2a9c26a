package dettato.app.school;

import dettato.plan.TeachingSequence;
import dettato.profile.Choices;
import dettato.profile.Wording;
import java.util.List;
import java.util.Map;

/** A class for tests that need one and no database. */
public final class SomeClass {
  private SomeClass() {}

  public static SchoolClass limpet(long id, int step, Pupil... pupils) {
    return new SchoolClass(
        id,
        "Class Limpet",
        "en-GB",
        step,
        2,
        20,
        "",
        Choices.USUAL,
        Map.of(),
        Map.of(),
        Wording.OURS,
        TeachingSequence.shipped(),
        List.of(pupils),
        List.of());
  }
}
