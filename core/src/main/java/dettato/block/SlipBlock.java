package dettato.block;

import dettato.exercise.Task;
import java.util.List;

/** The class's commonest mistake, made on purpose among right words, to be found and told. */
final class SlipBlock extends TaskTextBlock {
  private static final double SECONDS = 40;

  @Override
  public String id() {
    return "slip";
  }

  @Override
  public String title() {
    return "Find the mistake";
  }

  @Override
  public boolean isSpoken() {
    return true;
  }

  @Override
  String example() {
    return "ledge cage brige stage [brige]";
  }

  @Override
  AskedText asked(Task task) {
    return AskedText.of(String.join(" ", task.options()), task.answer(), List.of());
  }

  @Override
  double secondsEach(AskedText asked) {
    return SECONDS;
  }
}
