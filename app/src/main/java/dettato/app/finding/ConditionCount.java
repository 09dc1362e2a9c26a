package dettato.app.finding;

import dettato.app.terms.Prose;
import dettato.diagnose.Tally;
import dettato.rule.RuleBook;
import java.util.List;

/**
 * What a child has shown of one condition of a rule.
 *
 * @param condition its id; "" of marks made before conditions were told apart
 * @param says what holds at such a place, for a teacher; "" where the condition is not known
 */
record ConditionCount(String condition, @Prose String says, int opportunities, int failures) {

  static List<ConditionCount> of(List<Tally> tallies) {
    return tallies.stream().map(ConditionCount::of).toList();
  }

  private static ConditionCount of(Tally tally) {
    String says = tally.condition().isEmpty() ? "" : RuleBook.condition(tally.condition()).says();
    return new ConditionCount(tally.condition(), says, tally.opportunities(), tally.failures());
  }
}
