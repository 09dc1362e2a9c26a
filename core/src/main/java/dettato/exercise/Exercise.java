package dettato.exercise;

import java.util.List;

/** A kind of task. One class each, listed in {@link ExerciseBook}. */
public interface Exercise {
  /** Stable: the API and records use it. */
  String id();

  /** As a heading. */
  String title();

  /** What the children are to do, in a line for the teacher. */
  String asks();

  /** Whether it is made in three levels. */
  default boolean hasLevels() {
    return false;
  }

  /** Tasks as wanted; fewer when there are not so many. */
  List<Task> make(Wanted wanted, Material material);
}
