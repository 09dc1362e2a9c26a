package dettato.block;

import dettato.exercise.Material;
import dettato.exercise.Task;
import java.util.List;
import java.util.Optional;

/** A block of {@link AskedText} filled from the exercise of the same id. */
abstract class TaskTextBlock extends AskedBlock {

  @Override
  public List<Item> fill(Request request, Material material) {
    return new TaskItems(
            this,
            t -> Optional.of(asked(t)).filter(AskedText::fits).map(AskedText::text),
            request,
            material)
        .all(mayLeaveFocus());
  }

  /** Whether a thin focus is filled up with tasks on nothing in particular. */
  boolean mayLeaveFocus() {
    return true;
  }

  /** A task as it is kept. */
  abstract AskedText asked(Task task);
}
