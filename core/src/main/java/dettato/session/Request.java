package dettato.session;

import dettato.focus.Focus;
import java.util.List;
import java.util.Set;

/**
 * What a block is asked to fill itself with.
 *
 * @param focus what it is about; empty leaves it open
 * @param count how many items
 * @param without texts, and words of texts, not to be taken
 * @param seed the same seed gives the same items
 */
public record Request(List<Focus> focus, int count, Set<String> without, long seed) {
  public Request {
    focus = List.copyOf(focus);
    without = Set.copyOf(without);
  }
}
