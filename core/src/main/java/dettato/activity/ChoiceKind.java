package dettato.activity;

import dettato.choose.Material;
import dettato.choose.Task;
import dettato.prompt.Prompt;
import java.util.List;
import java.util.Optional;

/** A kind of items that are asked with their answers, filled from its own tasks. */
public abstract class ChoiceKind extends AnswerKind {

  @Override
  public List<Item> fill(Request request, Material material) {
    return new TaskItems(this, t -> Optional.of(prompt(t)).filter(OwnLine::fits), request, material)
        .all(mayLeaveFocus());
  }

  /** Whether a thin focus is filled up with tasks on nothing in particular. */
  protected boolean mayLeaveFocus() {
    return true;
  }

  /** A task as it is kept. */
  protected abstract Prompt prompt(Task task);

  /** What is right, of what may be chosen the rest after it. */
  protected static Prompt.Choice choice(Task task, List<String> answers) {
    List<String> others =
        task.options().stream().filter(o -> !task.answer().contains(o)).distinct().toList();
    return new Prompt.Choice(task.says(), answers, others);
  }

  @Override
  public Prompt own(String typed, Material material) {
    return OwnLine.answered(typed, traits().example());
  }

  protected static Prompt.Choice choice(Prompt prompt) {
    return (Prompt.Choice) prompt;
  }

  @Override
  protected List<String> answers(Prompt prompt) {
    return choice(prompt).answers();
  }
}
