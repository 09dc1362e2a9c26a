package dettato.rule;

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
 * @param why the condition that is met or not, in words
 */
public record Opportunity(
    String rule,
    int unit,
    Side side,
    Set<String> due,
    Set<String> over,
    Set<String> under,
    String why) {

  public Opportunity {
    due = Set.copyOf(due);
    over = Set.copyOf(over);
    under = Set.copyOf(under);
    if (due.isEmpty()) {
      throw new IllegalArgumentException(rule + ": nothing is due at unit " + unit);
    }
  }

  /** A place where the special spelling is due. */
  static Opportunity due(String rule, int unit, Set<String> due, String why) {
    return new Opportunity(rule, unit, Side.DUE, due, Set.of(), Set.of(), why);
  }

  /**
   * A place where the plain spelling is due, and {@code over} would be too much. Other spellings
   * say nothing of the rule here, unless {@link #leftOutBy} names them.
   */
  static Opportunity notDue(String rule, int unit, Set<String> due, Set<String> over, String why) {
    return new Opportunity(rule, unit, Side.NOT_DUE, due, over, Set.of(), why);
  }

  /** The same place, where only these spellings count as leaving the rule out. */
  Opportunity leftOutBy(Set<String> graphemes) {
    return new Opportunity(rule, unit, side, due, over, graphemes, why);
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
