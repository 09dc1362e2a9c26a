package dettato.app.school;

import java.util.List;

/**
 * A class with the children who are in it today, in their order.
 *
 * @param step how far the teaching sequence has come
 * @param differentWords on how many words a failure must show to be a pattern
 * @param minutes how long a session may take
 * @param template id of the usual one, "" for the plain one
 */
public record SchoolClass(
    long id,
    String name,
    String accent,
    int step,
    int differentWords,
    int minutes,
    String template,
    List<Pupil> pupils) {
  public SchoolClass {
    pupils = List.copyOf(pupils);
  }
}
