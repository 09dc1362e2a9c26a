package dettato.activity.sort;

import dettato.activity.Alone;
import dettato.activity.Check;
import dettato.activity.ChoiceKind;
import dettato.activity.Form;
import dettato.activity.Traits;
import dettato.activity.Traits.Answer;
import dettato.activity.Traits.Trait;
import dettato.choose.Material;
import dettato.choose.Sources;
import dettato.choose.Task;
import dettato.choose.Tasks;
import dettato.focus.Focus;
import dettato.prompt.Prompt;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Words to be written into columns. */
public final class SortKind extends ChoiceKind {
  public static final String ID = "sort";
  private static final int FEWEST_IN_A_COLUMN = 2;
  private static final double SECONDS = 16;
  private static final Traits TRAITS =
      Traits.of(ID, "Sorting", Answer.CHOICE)
          .asks("Write each word in its column.")
          .steps("read it", "which column?", "write", "show")
          .line("crunch [ch | tch]")
          .count(8, 20)
          .forms(Form.Name.COLUMNS)
          .with(Trait.BOXED);

  @Override
  public Traits traits() {
    return TRAITS;
  }

  @Override
  public Optional<Tasks> tasks(Sources sources) {
    return Optional.of(new Sort(sources.taught(), sources.invented()));
  }

  @Override
  public List<String> words(Prompt prompt) {
    return List.of(prompt.asks());
  }

  /** Columns of two kinds would be no task. */
  @Override
  protected boolean mayLeaveFocus() {
    return false;
  }

  @Override
  protected Prompt prompt(Task task) {
    return choice(task, task.answer());
  }

  /** The words are said, so that only the columns stand there. */
  @Override
  public List<Form> forms(List<Prompt> items, Material material) {
    return items.isEmpty()
        ? List.of()
        : List.of(new Form.Columns(heads(items), items.stream().map(Prompt::asks).toList()));
  }

  private static List<String> heads(List<Prompt> items) {
    return items.stream().flatMap(i -> choice(i).options().stream()).distinct().sorted().toList();
  }

  /** The word is said: seen, it would tell its column. */
  @Override
  public List<Alone> alone(List<Prompt> items, Material material) {
    List<String> heads = heads(items);
    return items.stream().map(i -> Alone.choice("Which column?", heads)).toList();
  }

  @Override
  protected double secondsEach(Prompt prompt) {
    return SECONDS;
  }

  @Override
  public List<Check> checks(List<Prompt> items, List<Focus> focus, Material material) {
    List<Check> found = new ArrayList<>(super.checks(items, focus, material));
    items.stream()
        .map(i -> answers(i).get(0))
        .collect(Collectors.groupingBy(c -> c, Collectors.counting()))
        .forEach(
            (column, words) -> {
              if (words < FEWEST_IN_A_COLUMN) {
                found.add(
                    Check.of(
                        Check.Kind.ONE_SIDED,
                        "The column '" + column + "' has one word. Give it another."));
              }
            });
    return found;
  }
}
