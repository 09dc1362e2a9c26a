package dettato.activity;

import dettato.focus.Focus;
import dettato.rule.RuleBook;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What a block is asked to fill itself with.
 *
 * @param focus what it is about; empty leaves it open
 * @param count how many items
 * @param without texts, and words of texts, not to be taken
 * @param role what the items are for
 * @param needs what the class's papers ask for
 * @param soFar words and sentences that the session holds before this block, in order
 * @param easy whether the easiest are wanted, and easy ones before hard ones
 * @param seed the same seed gives the same items
 */
public record Request(
    List<Focus> focus,
    int count,
    Set<String> without,
    Item.Role role,
    Needs needs,
    List<String> soFar,
    boolean easy,
    long seed) {
  public Request {
    focus = List.copyOf(focus);
    without = Set.copyOf(without);
    soFar = List.copyOf(soFar);
  }

  /** Items on a focus, of a class of which nothing is known. */
  public Request(List<Focus> focus, int count, Set<String> without, long seed) {
    this(focus, count, without, Item.Role.FOCUS, Needs.NONE, List.of(), false, seed);
  }

  /** The conditions of a focus that come first, because children break them. */
  public Set<String> broken(Focus focus) {
    return focus.read(
        new Focus.Cases<>() {
          @Override
          public Set<String> rule(String id) {
            return needs.first().stream()
                .filter(c -> RuleBook.condition(c).rule().equals(id))
                .collect(Collectors.toCollection(LinkedHashSet::new));
          }

          @Override
          public Set<String> rivals(String sound, List<String> graphemes) {
            return Set.of();
          }

          @Override
          public Set<String> irregular() {
            return Set.of();
          }
        });
  }
}
