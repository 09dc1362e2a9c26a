package dettato.activity;

import dettato.choose.Material;
import dettato.choose.Task;
import dettato.plan.Pace;
import dettato.prompt.Prompt;
import dettato.word.Word;
import java.util.List;
import java.util.Optional;

/**
 * A kind whose items are answered by one word, and marked as words are. A kind says what differs.
 */
public abstract class WordKind implements Activity {

  @Override
  public List<Item> fill(Request request, Material material) {
    return new TaskItems(this, t -> Optional.of(prompt(t)), request, material).all(mayLeaveFocus());
  }

  /** Whether a thin focus is filled up with tasks on nothing in particular. */
  protected boolean mayLeaveFocus() {
    return true;
  }

  /** A task as it is kept. */
  protected Prompt prompt(Task task) {
    return new Prompt.Word(task.text());
  }

  /** The word that is due for an item. */
  protected String due(Prompt prompt) {
    return ((Prompt.Word) prompt).spelling();
  }

  @Override
  public List<String> words(Prompt prompt) {
    return List.of(due(prompt));
  }

  /** What the teacher says. */
  protected abstract String says(Prompt prompt, Material material);

  @Override
  public Prompt own(String typed, Material material) {
    return new Prompt.Word(OwnLine.word(typed));
  }

  @Override
  public Call call(Prompt prompt, Material material) {
    String due = due(prompt);
    return new Call(
        says(prompt, material),
        List.of(due),
        Pace.writingPause(material.word().apply(due).cut().size()));
  }

  @Override
  public List<Form> forms(List<Prompt> items, Material material) {
    return items.stream().map(i -> form(i, material)).toList();
  }

  /** Room for the word that is due. */
  protected Form form(Prompt prompt, Material material) {
    return Form.word(material.word().apply(due(prompt)).cut().size());
  }

  @Override
  public int seconds(Prompt prompt, Material material, Pace pace) {
    return pace.word(false, traits().has(Traits.Trait.BY_HEART));
  }

  @Override
  public Judged judge(Prompt prompt, String written, Markers markers) {
    return Judged.of(markers.words().mark(word(due(prompt), markers), written));
  }

  /** The word an answer is judged against. */
  protected Word word(String due, Markers markers) {
    return markers.word().apply(due);
  }
}
