package dettato.diagnose;

import java.util.List;

/**
 * Which conditions of a rule a child fails in one way, and how probable it is that she does.
 *
 * <p>A set of conditions is taken for broken when the failures in it lie on enough different words
 * and its true rate of success is below what counts as secure, more surely the more conditions have
 * to be looked at, which are those where anything failed: the chance to be wrong is shared out
 * among them (Bonferroni; Miller, Simultaneous Statistical Inference, 2nd ed., 1981, 1.1). The
 * smallest set that explains the failures comes first: conditions that failed more than once or
 * were never kept, and are likelier insecure than not; then those that failed once too; then, when
 * all conditions together stand, whatever failed.
 *
 * @param conditions the broken ones, strongest first; empty when there is no pattern
 * @param probability that the true rate in them, or in all when there is no pattern, is below
 *     secure
 */
record Broken(List<Ground> conditions, double probability) {
  /** More likely than not. */
  private static final double LEANING = 0.5;

  private static final int MORE_THAN_A_SLIP = 2;

  static Broken of(List<Ground> tested, Belief belief) {
    long looks = tested.stream().filter(g -> !g.failed().isEmpty()).count();
    double sure = 1 - (1 - belief.settings().sure()) / Math.max(1, looks);
    List<Ground> leaning =
        tested.stream()
            .filter(g -> !g.failed().isEmpty() && belief.belowSecure(List.of(g)) > LEANING)
            .toList();
    List<Ground> often =
        leaning.stream()
            .filter(g -> g.failed().size() >= MORE_THAN_A_SLIP || g.kept() == 0)
            .toList();
    for (List<Ground> set : List.of(often, leaning)) {
      if (belief.isPattern(set, sure)) {
        return new Broken(set, belief.belowSecure(set));
      }
    }
    double all = belief.belowSecure(tested);
    if (!belief.isPattern(tested, belief.settings().sure())) {
      return new Broken(List.of(), all);
    }
    List<Ground> failed =
        leaning.isEmpty() ? tested.stream().filter(g -> !g.failed().isEmpty()).toList() : leaning;
    return new Broken(failed, all);
  }

  boolean isPattern() {
    return !conditions.isEmpty();
  }
}
