package dettato.rule;

import java.util.List;
import java.util.Set;

/**
 * A place in a word where a rule decides the spelling.
 *
 * @param rule the rule's id
 * @param unit index of the unit it decides
 * @param side which side of the contrast the place is on
 * @param due the graphemes that follow the rule here
 * @param over the graphemes that carry the rule's special spelling where it is not due
 * @param under the graphemes that leave it out; when empty, any other spelling of the sound does
 *     where the special one is due, and none where it is not
 * @param plain what a child who leaves the rule out most likely writes; "" for nothing or unknown
 * @param why the condition that is met or not, in words
 */
public record Opportunity(
    String rule,
    int unit,
    Side side,
    Set<String> due,
    Set<String> over,
    List<String> under,
    String plain,
    String why) {

  public Opportunity {
    due = Set.copyOf(due);
    over = Set.copyOf(over);
    under = List.copyOf(under);
    if (due.isEmpty()) {
      throw new IllegalArgumentException(rule + ": nothing is due at unit " + unit);
    }
  }

  /** A place where the special spelling is due. */
  static Opportunity due(String rule, int unit, Set<String> due, String plain, String why) {
    return new Opportunity(rule, unit, Side.DUE, due, Set.of(), List.of(), plain, why);
  }

  /** The same, to be told by {@link #leftOutBy} what leaves it out. */
  static Opportunity due(String rule, int unit, Set<String> due, String why) {
    return due(rule, unit, due, "", why);
  }

  /**
   * A place where the plain spelling is due, and {@code over} would be too much. Other spellings
   * say nothing of the rule here, unless {@link #leftOutBy} names them.
   */
  static Opportunity notDue(String rule, int unit, Set<String> due, Set<String> over, String why) {
    return new Opportunity(rule, unit, Side.NOT_DUE, due, over, List.of(), "", why);
  }

  /**
   * The same place, where only these spellings count as leaving the rule out, the likeliest first;
   * "" stands for nothing written.
   */
  Opportunity leftOutBy(String... graphemes) {
    return new Opportunity(rule, unit, side, due, over, List.of(graphemes), graphemes[0], why);
  }

  /**
   * What was done here.
   *
   * @param written the grapheme the child wrote for the sound
   * @param heard whether what was written stands for this sound at all
   */
  public Outcome judge(String written, boolean heard) {
    if (due.contains(written)) {
      return Outcome.APPLIED;
    }
    if (over.contains(written)) {
      return Outcome.OVER;
    }
    boolean leftOut = under.isEmpty() ? heard && side == Side.DUE : under.contains(written);
    return leftOut ? Outcome.UNDER : Outcome.UNTESTED;
  }
}
