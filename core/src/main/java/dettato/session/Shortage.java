package dettato.session;

import dettato.activity.Check;
import dettato.activity.Item;
import dettato.focus.Focus;
import java.util.List;
import java.util.Optional;

/** Says when a block has fewer items than its template asks for, and why. */
public final class Shortage {
  private Shortage() {}

  /**
   * @param title of the block
   * @param wanted how many items were asked for; 0 when none were
   */
  public static Optional<Check> of(
      String title, Item.Role role, int wanted, int there, List<Focus> focus) {
    if (there >= wanted) {
      return Optional.empty();
    }
    String why =
        role == Item.Role.REVIEW
            ? "no other is due on this day"
            : "no other fits "
                + (focus.isEmpty() ? "" : focus.get(0).title() + ", ")
                + "is taught by now and was not asked lately";
    return Optional.of(
        Check.of(Check.Kind.SHORT, "%s: %d of %d, %s.".formatted(title, there, wanted, why)));
  }
}
