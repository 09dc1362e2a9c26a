package dettato.block;

import dettato.exercise.Material;
import dettato.exercise.Task;
import dettato.exercise.Wanted;
import dettato.focus.Focus;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** A block of {@link AskedText} filled from the exercise of the same id. */
abstract class TaskTextBlock extends AskedBlock {

  /** A block has one focus at a time: the items of each stand together. */
  @Override
  public List<Item> fill(Request request, Material material) {
    List<Optional<Focus>> focuses =
        request.focus().isEmpty()
            ? List.of(Optional.empty())
            : request.focus().stream().map(Optional::of).toList();
    List<Item> items = new ArrayList<>();
    Set<String> taken = new HashSet<>(request.without());
    for (int f = 0; f < focuses.size(); f++) {
      int share = (request.count() - items.size()) / (focuses.size() - f);
      items.addAll(some(focuses.get(f), share, taken, request, material));
      if (items.size() < share && focuses.get(f).isPresent() && mayLeaveFocus()) {
        items.addAll(some(Optional.empty(), share - items.size(), taken, request, material));
      }
    }
    return items;
  }

  /** Whether a thin focus is filled up with tasks on nothing in particular. */
  boolean mayLeaveFocus() {
    return true;
  }

  private List<Item> some(
      Optional<Focus> focus, int count, Set<String> taken, Request request, Material material) {
    Wanted wanted =
        new Wanted(
            focus,
            1,
            count,
            taken,
            focus.map(f -> List.copyOf(request.broken(f))).orElse(request.needs().first()),
            request.needs().written(),
            request.seed());
    List<Item> items = new ArrayList<>();
    for (Task task : material.exercises().of(id()).make(wanted, material)) {
      AskedText asked = asked(task);
      if (asked.fits() && taken.add(task.text())) {
        items.add(new Item(asked.text(), Item.Role.FOCUS, focus, Item.brief(task.why())));
      }
    }
    return items;
  }

  /** A task as it is kept. */
  abstract AskedText asked(Task task);
}
