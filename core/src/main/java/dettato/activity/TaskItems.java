package dettato.activity;

import dettato.choose.Material;
import dettato.choose.Task;
import dettato.choose.Wanted;
import dettato.focus.Focus;
import dettato.prompt.Prompt;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/** Items of a kind that makes tasks: as many on each focus, nothing twice. */
final class TaskItems {
  private final Activity kind;
  private final Function<Task, Optional<Prompt>> kept;
  private final Request request;
  private final Material material;
  private final Set<String> taken;

  /**
   * @param kept what is kept of a task; empty for one that cannot be
   */
  TaskItems(
      Activity kind, Function<Task, Optional<Prompt>> kept, Request request, Material material) {
    this.kind = kind;
    this.kept = kept;
    this.request = request;
    this.material = material;
    this.taken = new HashSet<>(request.without());
  }

  /**
   * @param mayLeaveFocus whether a thin focus is filled up with tasks on nothing in particular
   */
  List<Item> all(boolean mayLeaveFocus) {
    List<Optional<Focus>> focuses =
        request.focus().isEmpty()
            ? List.of(Optional.empty())
            : request.focus().stream().map(Optional::of).toList();
    List<Item> items = new ArrayList<>();
    for (int f = 0; f < focuses.size(); f++) {
      int rest = focuses.size() - f;
      int share = (request.count() - items.size() + rest - 1) / rest;
      List<Item> some = some(focuses.get(f), share, focuses.get(f));
      items.addAll(some);
      if (mayLeaveFocus && focuses.get(f).isPresent()) {
        items.addAll(some(Optional.empty(), share - some.size(), focuses.get(f)));
      }
    }
    return items;
  }

  private List<Item> some(Optional<Focus> focus, int count, Optional<Focus> chosenFor) {
    if (count <= 0) {
      return List.of();
    }
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
    for (Task task : material.tasks().of(kind.id()).make(wanted, material)) {
      kept.apply(task)
          .filter(prompt -> taken.add(prompt.text()))
          .ifPresent(
              prompt -> {
                items.add(new Item(prompt, Item.Role.FOCUS, chosenFor, Item.brief(task.why())));
                taken.addAll(kind.words(prompt));
              });
      taken.add(task.text());
    }
    return items;
  }
}
