package dettato.app.school;

import dettato.app.problem.Problem;
import dettato.plan.OwnOrder;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** A school's steps as the lines in which an order is read. */
final class OwnSteps {
  private static final int MOST = 1_000;

  private OwnSteps() {}

  /** One line for each grapheme, the words by heart in a line of their own; all of a step alike. */
  static List<OwnOrder.Line> lines(List<OrderController.OwnStep> steps) {
    List<OwnOrder.Line> lines = new ArrayList<>();
    for (int i = 0; i < steps.size(); i++) {
      OrderController.OwnStep step = steps.get(i);
      if (step == null) {
        throw Problem.badRequest("Step " + (i + 1) + " is null. Give its number and graphemes.");
      }
      String number = String.valueOf(step.step());
      List<OrderController.OwnUnit> taught = list(step.taught());
      for (OrderController.OwnUnit unit : taught) {
        lines.add(line(i, number, unit.grapheme(), unit.phoneme(), ""));
      }
      for (String grapheme : taught.isEmpty() ? list(step.graphemes()) : List.<String>of()) {
        lines.add(line(i, number, grapheme, "", ""));
      }
      if (!list(step.byHeart()).isEmpty()) {
        lines.add(line(i, number, "", "", String.join(" ", list(step.byHeart()))));
      }
      if (lines.size() > MOST) {
        throw Problem.tooLarge("There are more than " + MOST + " graphemes. Give fewer.");
      }
    }
    return lines;
  }

  private static OwnOrder.Line line(
      int index, String step, @Nullable String grapheme, @Nullable String sound, String byHeart) {
    return new OwnOrder.Line(
        index + 1L,
        step,
        Objects.requireNonNullElse(grapheme, ""),
        Objects.requireNonNullElse(sound, ""),
        "",
        byHeart);
  }

  private static <T> List<T> list(@Nullable List<T> some) {
    return some == null ? List.of() : some.stream().filter(Objects::nonNull).toList();
  }
}
