package dettato.simulate;

import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;

/**
 * Whether a child's one broken condition is found, and named alone. More children for each
 * condition with {@code -Ddettato.each=20}, as {@code bin/measure --conditions} has it.
 */
class ConditionFindingsTest {
  private static final int EACH = Integer.getInteger("dettato.each", 2);

  /** The table by rule is printed; docs/benchmarks.md keeps a copy. */
  @Test
  void nameTheOneConditionThatIsBroken() {
    ConditionClasses strong = run(0.85, 9);
    System.out.println(strong.table());
    assertTrue(strong.recall() >= 0.97, strong.surprises()::toString);
    assertTrue(strong.precision() >= 0.97, strong.surprises()::toString);
    assertTrue(strong.exact() >= 0.92, strong.surprises()::toString);
    assertTrue(run(0.7, 9).precision() >= 0.97);
    assertTrue(run(0.85, 3).precision() >= 0.97);
    assertTrue(run(0.7, 3).precision() >= 0.97);
  }

  @Test
  void findNothingWhereNobodyHasAHabit() {
    ConditionClasses none = ConditionClasses.withoutHabits(9, 100 * EACH);
    System.out.printf("children without a habit with a finding: %.4f%n", none.falseAlarms());
    assertTrue(none.falseAlarms() <= 0.01, none.surprises()::toString);
  }

  private static ConditionClasses run(double strength, int days) {
    ConditionClasses all = ConditionClasses.planted(strength, days, EACH);
    System.out.printf(
        "one condition, strength %.2f, %d days: recall %.3f precision %.3f exact %.3f%n",
        strength, days, all.recall(), all.precision(), all.exact());
    return all;
  }
}
