package dettato.session;

import dettato.activity.Activities;
import dettato.activity.Activity;
import dettato.activity.Check;
import dettato.activity.Item;
import dettato.choose.Material;
import dettato.plan.Pace;
import dettato.plan.Timing;
import java.util.List;
import java.util.Optional;

/** How long a session takes, and whether that is too long. */
public final class SessionClock {
  private final Activities book;
  private final Material material;
  private final Pace pace;
  private final Timing timing;

  /** Items with the kind of their block. */
  public record Block(String kind, List<Item> items) {
    public Block {
      items = List.copyOf(items);
    }
  }

  /**
   * @param timing what is learnt of the class
   */
  public SessionClock(Activities book, Material material, Pace pace, Timing timing) {
    this.book = book;
    this.material = material;
    this.pace = pace;
    this.timing = timing;
  }

  /** Seconds, with getting started and finishing. */
  public int seconds(List<Block> blocks) {
    return pace.frame() + blocks.stream().mapToInt(this::seconds).sum();
  }

  /** Seconds of one block. */
  public int seconds(Block block) {
    return (int) Math.round(planned(block) * timing.factor(block.kind));
  }

  /** Seconds of one block with nothing learnt of the class. */
  public int planned(Block block) {
    Activity kind = book.of(block.kind);
    return block.items.stream().mapToInt(i -> kind.seconds(i.prompt(), material, pace)).sum();
  }

  /** Seconds of one item. */
  public int seconds(String kind, Item item) {
    return (int)
        Math.round(book.of(kind).seconds(item.prompt(), material, pace) * timing.factor(kind));
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
