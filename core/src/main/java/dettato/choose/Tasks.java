package dettato.choose;

import java.util.List;

/** What makes the tasks of one kind, in one language. */
@FunctionalInterface
public interface Tasks {
  /** Tasks as wanted, seeded; fewer when there are not so many. */
  List<Task> make(Wanted wanted, Material material);
}
