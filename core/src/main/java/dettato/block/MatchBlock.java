package dettato.block;

import dettato.exercise.Material;
import dettato.exercise.Task;
import java.util.List;

/** Words to be joined to their meanings. */
final class MatchBlock extends TaskTextBlock {
  private static final double SECONDS = 16;

  @Override
  public String id() {
    return "match";
  }

  @Override
  public String title() {
    return "Matching";
  }

  @Override
  public List<String> words(String text) {
    return List.of(AskedText.kept(text).says());
  }

  @Override
  String example() {
    return "ledge [a narrow shelf]";
  }

  /** The other meanings are those of the other words. */
  @Override
  AskedText asked(Task task) {
    return AskedText.of(task.says(), task.answer(), List.of());
  }

  /** Meanings in the order of their letters, which says nothing of the words. */
  @Override
  public List<Form> forms(List<Item> items, Material material) {
    List<AskedText> all = items.stream().map(i -> AskedText.kept(i.text())).toList();
    return all.isEmpty()
        ? List.of()
        : List.of(
            new Form.Match(
                all.stream().map(AskedText::says).toList(),
                all.stream().flatMap(a -> a.answers().stream()).sorted().toList()));
  }

  @Override
  public List<Alone> alone(List<Item> items, Material material) {
    List<String> meanings =
        items.stream().flatMap(i -> AskedText.kept(i.text()).answers().stream()).sorted().toList();
    return items.stream()
        .map(i -> Alone.choice(AskedText.kept(i.text()).says(), meanings))
        .toList();
  }

  @Override
  double secondsEach(AskedText asked) {
    return SECONDS;
  }
}
