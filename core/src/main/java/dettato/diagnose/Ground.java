package dettato.diagnose;

import dettato.rule.Outcome;
import dettato.rule.Side;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * All that a child has shown of one condition, of failures one kind only.
 *
 * @param condition its id; "" where it is not known
 * @param kept how many places were kept
 * @param weightKept the same, weighted by age
 * @param failed what failed, newest first
 */
record Ground(String condition, int kept, double weightKept, List<Evidence> failed) {

  /** Conditions where a kind of failure shows, or could have: those tested, in order of id. */
  static List<Ground> of(RuleRecord record, Outcome failure) {
    Side side = failure == Outcome.UNDER ? Side.DUE : Side.NOT_DUE;
    Map<String, List<Evidence>> failed = new TreeMap<>();
    record
        .failed(failure)
        .forEach(e -> failed.computeIfAbsent(e.condition(), c -> new ArrayList<>()).add(e));
    Map<String, List<Kept>> kept = new TreeMap<>();
    for (Kept k : record.kept()) {
      boolean here = !k.condition().isEmpty() && failed.containsKey(k.condition());
      if (k.side() == side || here) {
        kept.computeIfAbsent(k.condition(), c -> new ArrayList<>()).add(k);
        failed.computeIfAbsent(k.condition(), c -> new ArrayList<>());
      }
    }
    return failed.entrySet().stream()
        .map(e -> ground(e.getKey(), kept.getOrDefault(e.getKey(), List.of()), e.getValue()))
        .toList();
  }

  private static Ground ground(String condition, List<Kept> kept, List<Evidence> failed) {
    return new Ground(
        condition,
        kept.stream().mapToInt(Kept::count).sum(),
        kept.stream().mapToDouble(Kept::weight).sum(),
        failed);
  }

  int tested() {
    return kept + failed.size();
  }

  Tally tally() {
    return new Tally(condition, tested(), failed.size());
  }

  /** Failures of several conditions, newest first. */
  static List<Evidence> failed(Collection<Ground> grounds) {
    return grounds.stream()
        .flatMap(g -> g.failed.stream())
        .sorted(java.util.Comparator.comparing(Evidence::date).reversed())
        .toList();
  }
}
