package dettato.diagnose;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

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

  /** The standing, or the same as a slip where another pattern explains all its failures. */
  static Standing settle(Standing one, List<Standing> all, Map<String, RuleRecord> byRule) {
    if (!one.isPattern()) {
      return one;
    }
    Set<Written> failed = written(one.failed());
    return all.stream()
        .filter(o -> o.isPattern() && o.failures() > one.failures())
        .filter(o -> silent(byRule.get(o.rule())).containsAll(failed))
        .findFirst()
        .map(o -> one.explainedBy(o.rule()))
        .orElse(one);
  }

  private static Set<Written> silent(@Nullable RuleRecord record) {
    return record == null ? Set.of() : written(record.silent());
  }

  private static Set<Written> written(List<Evidence> evidence) {
    return evidence.stream().map(Written::of).collect(Collectors.toSet());
  }
}
