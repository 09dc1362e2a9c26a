package dettato.block;

import dettato.exercise.Material;
import dettato.exercise.Task;
import dettato.focus.Focus;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Words to be written into columns. */
final class SortBlock extends TaskTextBlock {
  private static final int FEWEST_IN_A_COLUMN = 2;
  private static final double SECONDS = 16;

  @Override
  public String id() {
    return "sort";
  }

  @Override
  public String title() {
    return "Sorting";
  }

  @Override
  public List<String> words(String text) {
    return List.of(AskedText.kept(text).says());
  }

  @Override
  String example() {
    return "crunch [ch | tch]";
  }

  /** Columns of two kinds would be no task. */
  @Override
  boolean mayLeaveFocus() {
    return false;
  }

  @Override
  AskedText asked(Task task) {
    List<String> others = new ArrayList<>(task.options());
    others.removeAll(task.answer());
    return AskedText.of(task.says(), task.answer(), others);
  }

  /** The words are said, so that only the columns stand there. */
  @Override
  public List<Form> forms(List<Item> items, Material material) {
    List<String> words = items.stream().map(i -> AskedText.kept(i.text()).says()).toList();
    return items.isEmpty() ? List.of() : List.of(new Form.Columns(heads(items), words));
  }

  private static List<String> heads(List<Item> items) {
    return items.stream()
        .map(i -> AskedText.kept(i.text()))
        .flatMap(a -> Stream.concat(a.answers().stream(), a.others().stream()))
        .distinct()
        .sorted()
        .toList();
  }

  /** The word is said: seen, it would tell its column. */
  @Override
  public List<Alone> alone(List<Item> items, Material material) {
    List<String> heads = heads(items);
    return items.stream().map(i -> Alone.choice("Which column?", heads)).toList();
  }

  @Override
  double secondsEach(AskedText asked) {
    return SECONDS;
  }

  @Override
  public List<Check> checks(List<Item> items, List<Focus> focus, Material material) {
    List<Check> found = new ArrayList<>(super.checks(items, focus, material));
    items.stream()
        .map(i -> AskedText.kept(i.text()).answers().get(0))
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
