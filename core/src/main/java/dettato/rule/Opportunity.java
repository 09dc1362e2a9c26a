package dettato.rule;

import java.util.List;
import java.util.Set;

/**
 * A place in a word where a rule decides the spelling.
 *
 * @param condition on what ground it decides
 * @param unit index of the unit it decides
 * @param due the graphemes that follow the rule here
 * @param over the graphemes that carry the rule's special spelling where it is not due
 * @param under the graphemes that leave it out; when empty, any other spelling of the sound does
 *     where the special one is due, and none where it is not
 * @param plain what a child who leaves the rule out most likely writes; "" for nothing or unknown
 * @param why the condition, in words that name the very letters
 */
public record Opportunity(
    Condition condition,
    int unit,
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
      throw new IllegalArgumentException(condition.id() + ": nothing is due at unit " + unit);
    }
  }

  /** The id of the rule. */
  public String rule() {
    return condition.rule();
  }

  /** Which side of the contrast the place is on. */
  public Side side() {
    return condition.side();
  }

  /** The same place, where these spellings would be too much. */
  Opportunity tooMuch(String... graphemes) {
    return tooMuch(Set.of(graphemes));
  }

  /** The same place, where these spellings would be too much. */
  Opportunity tooMuch(Set<String> graphemes) {
    return new Opportunity(condition, unit, due, graphemes, under, plain, why);
  }

  /** The same place, where whoever leaves the rule out most likely writes this. */
  Opportunity plainly(String grapheme) {
    return new Opportunity(condition, unit, due, over, under, grapheme, why);
  }

  /**
   * The same place, where only these spellings count as leaving the rule out, the likeliest first;
   * "" stands for nothing written.
   */
  Opportunity leftOutBy(String... graphemes) {
    return new Opportunity(condition, unit, due, over, List.of(graphemes), graphemes[0], why);
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
    boolean leftOut = under.isEmpty() ? heard && side() == Side.DUE : under.contains(written);
    return leftOut ? Outcome.UNDER : Outcome.UNTESTED;
  }
}
