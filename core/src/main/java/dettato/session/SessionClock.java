package dettato.session;

import dettato.exercise.Material;
import dettato.plan.Pace;
import java.util.List;
import java.util.Optional;

/** How long a session takes, and whether that is too long. */
public final class SessionClock {
  private final BlockBook book;
  private final Material material;
  private final Pace pace;

  /** Items with the kind of their block. */
  public record Block(String kind, List<Item> items) {
    public Block {
      items = List.copyOf(items);
    }
  }

  public SessionClock(BlockBook book, Material material, Pace pace) {
    this.book = book;
    this.material = material;
    this.pace = pace;
  }

  /** Seconds, with getting started and finishing. */
  public int seconds(List<Block> blocks) {
    return pace.frame()
        + blocks.stream()
            .mapToInt(
                b ->
                    b.items().stream()
                        .mapToInt(i -> book.of(b.kind()).seconds(i, material, pace))
                        .sum())
            .sum();
  }

  /**
   * Says when it is longer than it may be.
   *
   * @param limit in seconds
   */
  public Optional<Check> check(int seconds, int limit) {
    return seconds <= limit
        ? Optional.empty()
        : Optional.of(
            Check.of(
                Check.Kind.OVER_TIME,
                "It takes about %d minutes, %d more than planned."
                    .formatted(
                        Math.round(seconds / 60.0),
                        Math.max(1, Math.round((seconds - limit) / 60.0)))));
  }
}
