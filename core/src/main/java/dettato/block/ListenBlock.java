package dettato.block;

import dettato.exercise.Task;
import java.util.ArrayList;
import java.util.List;

/** Questions for the ear, answered aloud. */
final class ListenBlock extends TaskTextBlock {
  private static final double SECONDS = 13;

  @Override
  public String id() {
    return "listen";
  }

  @Override
  public String title() {
    return "Listening";
  }

  @Override
  public boolean isSpoken() {
    return true;
  }

  @Override
  public boolean isQuestion() {
    return true;
  }

  @Override
  String example() {
    return "Blend these sounds: sh, i, p [ship]";
  }

  @Override
  AskedText asked(Task task) {
    List<String> others = new ArrayList<>(task.options());
    others.removeAll(task.answer());
    return AskedText.of(task.says(), task.answer().subList(0, 1), others);
  }

  @Override
  double secondsEach(AskedText asked) {
    return SECONDS;
  }
}
