package dettato.block;

import dettato.exercise.Material;
import dettato.exercise.Task;
import dettato.exercise.Wanted;
import dettato.focus.Focus;
import dettato.plan.Pace;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A block whose items are exercises that are answered by one word: filled from the exercise of the
 * same id, the item kept as the word, and marked as words are. A kind says what differs.
 */
abstract class WordTaskBlock implements BlockKind {
  private static final int MOST = 20;

  @Override
  public int most() {
    return MOST;
  }

  @Override
  public List<Item> fill(Request request, Material material) {
    List<Optional<Focus>> focuses =
        request.focus().isEmpty()
            ? List.of(Optional.empty())
            : request.focus().stream().map(Optional::of).toList();
    List<Item> items = new ArrayList<>();
    Set<String> taken = new HashSet<>(request.without());
    for (int f = 0; f < focuses.size(); f++) {
      Optional<Focus> focus = focuses.get(f);
      int left = request.count() - items.size();
      int share = (left + focuses.size() - f - 1) / (focuses.size() - f);
      for (Task task : tasks(focus, share, taken, request, material)) {
        if (taken.add(kept(task))) {
          items.add(new Item(kept(task), Item.Role.FOCUS, focus, Item.brief(task.why())));
        }
        taken.addAll(words(kept(task)));
      }
    }
    return items;
  }

  /** On the focus as far as there are such; the rest without one. */
  private List<Task> tasks(
      Optional<Focus> focus, int count, Set<String> taken, Request request, Material material) {
    var exercise = material.exercises().of(id());
    List<Task> tasks =
        new ArrayList<>(exercise.make(wanted(focus, count, taken, request), material));
    if (tasks.size() < count && focus.isPresent() && mayLeaveFocus()) {
      Set<String> all = new HashSet<>(taken);
      tasks.forEach(t -> all.add(t.text()));
      tasks.addAll(
          exercise.make(wanted(Optional.empty(), count - tasks.size(), all, request), material));
    }
    return tasks;
  }

  private static Wanted wanted(
      Optional<Focus> focus, int count, Set<String> taken, Request request) {
    return new Wanted(
        focus,
        1,
        count,
        taken,
        focus.map(f -> List.copyOf(request.broken(f))).orElse(request.needs().first()),
        request.needs().written(),
        request.seed());
  }

  /** Whether a thin focus is filled up with tasks on nothing in particular. */
  boolean mayLeaveFocus() {
    return true;
  }

  /** What is kept of a task, so that it can be called and marked again. */
  String kept(Task task) {
    return task.text();
  }

  /** The word that is due for an item. */
  String due(String text) {
    return text;
  }

  @Override
  public boolean isReadBack() {
    return true;
  }

  @Override
  public List<String> words(String text) {
    return List.of(due(text));
  }

  /** What the teacher says. */
  abstract String says(String text, Material material);

  @Override
  public String own(String text, Material material) {
    return WordText.own(text);
  }

  @Override
  public Call call(Item item, Material material) {
    String due = due(item.text());
    return new Call(
        says(item.text(), material),
        List.of(due),
        Pace.writingPause(material.word().apply(due).cut().size()));
  }

  @Override
  public int seconds(Item item, Material material, Pace pace) {
    return pace.word(false, false);
  }

  @Override
  public List<Check> checks(List<Item> items, List<Focus> focus, Material material) {
    List<Check> found = new ArrayList<>();
    if (items.isEmpty()) {
      found.add(Check.of(Check.Kind.EMPTY, title() + ": nothing yet. Fill the sheet."));
    }
    return found;
  }

  @Override
  public Judged judge(String text, String written, Markers markers) {
    return Judged.of(markers.words().mark(word(due(text), markers), written));
  }

  /** The word an answer is judged against. */
  Word word(String due, Markers markers) {
    return markers.word().apply(due);
  }
}
