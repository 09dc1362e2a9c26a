package dettato.session;

import java.util.List;

/**
 * A way to fill a session.
 *
 * @param minutes it is meant to take
 */
public record Template(String id, String name, String says, int minutes, List<Quota> blocks) {
  public Template {
    blocks = List.copyOf(blocks);
  }

  /** How many items of a kind. */
  public record Quota(String kind, int count) {}
}
