package dettato.session;

import dettato.activity.Item;
import java.util.List;

/**
 * A way to fill a session, or two on two days.
 *
 * @param says what it is good for
 * @param minutes each day is meant to take
 */
public record Template(String id, String name, String says, int minutes, List<Quota> blocks) {
  public Template {
    blocks = List.copyOf(blocks);
  }

  /**
   * How many items of a kind.
   *
   * @param role what they are for
   * @param day 1, or 2 for the session after: it is harder, and asks nothing that day 1 asked
   */
  public record Quota(String kind, int count, Item.Role role, int day) {

    /** So many on the focus, on the first day. */
    static Quota of(String kind, int count) {
      return new Quota(kind, count, Item.Role.FOCUS, 1);
    }

    static Quota review(String kind, int count) {
      return new Quota(kind, count, Item.Role.REVIEW, 1);
    }

    static Quota next(String kind, int count) {
      return new Quota(kind, count, Item.Role.FOCUS, 2);
    }
  }

  /** On how many days it is given. */
  public int days() {
    return blocks.stream().mapToInt(Quota::day).max().orElse(1);
  }

  /** Its quotas of one day. */
  public List<Quota> on(int day) {
    return blocks.stream().filter(q -> q.day() == day).toList();
  }
}
