package dettato.diagnose;

import dettato.rule.Outcome;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * One misspelling is told by one rule, and where two rules meet (annoied: the y that turned to i,
 * or oi at the end of the base) the marker must choose. A pattern all of whose failures could as
 * well be another, better supported pattern's is no pattern of its own.
 */
final class SharedFailures {
  private SharedFailures() {}

  /** One attempt on one day. */
  private record Written(LocalDate date, String target, String attempt) {
    static Written of(Evidence e) {
      return new Written(e.date(), e.target(), e.attempt());
    }
  }

  /**
   * The standing, or the same as a slip where another pattern explains all its failures.
   *
   * @param byRule all evidence, with what said nothing of a rule
   */
  static Standing settle(Standing one, List<Standing> all, Map<String, List<Evidence>> byRule) {
    if (!one.isPattern()) {
      return one;
    }
    Set<Written> failed = new HashSet<>();
    one.evidence().stream()
        .filter(e -> e.outcome() != Outcome.APPLIED)
        .forEach(e -> failed.add(Written.of(e)));
    return all.stream()
        .filter(o -> o.isPattern() && o.failures() > one.failures())
        .filter(o -> saidNothing(byRule.getOrDefault(o.rule(), List.of())).containsAll(failed))
        .findFirst()
        .map(o -> one.explainedBy(o.rule()))
        .orElse(one);
  }

  private static Set<Written> saidNothing(List<Evidence> evidence) {
    Set<Written> silent = new HashSet<>();
    evidence.stream()
        .filter(e -> e.outcome() == Outcome.UNTESTED)
        .forEach(e -> silent.add(Written.of(e)));
    return silent;
  }
}
