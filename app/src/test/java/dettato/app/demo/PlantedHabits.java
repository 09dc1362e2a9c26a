package dettato.app.demo;

import dettato.simulate.Habit;
import java.util.List;

/** What was planted in the demo class, for tests outside its package. */
public final class PlantedHabits {
  private PlantedHabits() {}

  /** "Bashir final-j UNDER", one each. */
  public static List<String> all() {
    return DemoPlan.children().stream()
        .flatMap(
            c ->
                c.habits().stream()
                    .filter(Habit.class::isInstance)
                    .map(Habit.class::cast)
                    .map(h -> c.name() + " " + h.rule() + " " + h.kind()))
        .toList();
  }
}
