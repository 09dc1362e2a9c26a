package dettato.app.session;

import dettato.session.Points;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Points of a whole session.
 *
 * @param ours of the class
 * @param theirs of the teacher
 * @param says both, as they are said
 */
public record TotalPoints(double ours, double theirs, String says) {
  static TotalPoints of(Points points) {
    return new TotalPoints(
        points.ours() / 2.0,
        points.theirs() / 2.0,
        "class %s, teacher %s".formatted(Points.said(points.ours()), Points.said(points.theirs())));
  }

  /** What all items brought. */
  static Points sum(List<PlannedBlocks.Planned> planned) {
    return Points.total(
        planned.stream().flatMap(p -> p.items().stream()).map(ItemRow::points).toList());
  }

  /** The same where anybody has any; null else. */
  static @Nullable TotalPoints given(List<PlannedBlocks.Planned> planned) {
    Points all = sum(planned);
    return all.areGiven() ? of(all) : null;
  }
}
