package dettato.app.school;

import java.util.List;

/**
 * A class with its children in their order.
 *
 * @param step how far the teaching sequence has come
 * @param differentWords on how many words a failure must show to be a pattern
 */
public record SchoolClass(
    long id, String name, String accent, int step, int differentWords, List<Pupil> pupils) {
  public SchoolClass {
    pupils = List.copyOf(pupils);
  }
}
