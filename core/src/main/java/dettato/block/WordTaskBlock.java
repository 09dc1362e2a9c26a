package dettato.block;

import dettato.exercise.Material;
import dettato.exercise.Task;
import dettato.focus.Focus;
import dettato.plan.Pace;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

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
    return new TaskItems(this, t -> Optional.of(kept(t)), request, material).all(mayLeaveFocus());
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
  public List<Form> forms(List<Item> items, Material material) {
    return items.stream().map(i -> form(i, material)).toList();
  }

  /** Room for the word that is due. */
  Form form(Item item, Material material) {
    return Form.word(material.word().apply(due(item.text())).cut().size());
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
