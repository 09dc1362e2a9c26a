package dettato.diagnose;

import dettato.rule.Outcome;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * All that one child has shown of one rule: what was kept, counted; what failed and what said
 * nothing, one by one, newest first.
 */
record RuleRecord(String rule, List<Kept> kept, List<Evidence> failed, List<Evidence> silent) {

  /**
   * One for each rule, in the order of their ids; what must be known and evidence after the day are
   * left out.
   */
  static Map<String, RuleRecord> byRule(
      Collection<Kept> kept, Collection<Evidence> other, LocalDate asOf) {
    Map<String, RuleRecord> records = new TreeMap<>();
    kept.stream().filter(k -> k.side().isDecided()).forEach(k -> at(records, k.rule()).kept.add(k));
    other.stream()
        .filter(e -> e.side().isDecided() && !e.date().isAfter(asOf))
        .sorted(Comparator.comparing(Evidence::date).reversed())
        .forEach(
            e -> {
              RuleRecord record = at(records, e.rule());
              (e.outcome() == Outcome.UNTESTED ? record.silent : record.failed).add(e);
            });
    return records;
  }

  private static RuleRecord at(Map<String, RuleRecord> records, String rule) {
    return records.computeIfAbsent(
        rule, r -> new RuleRecord(r, new ArrayList<>(), new ArrayList<>(), new ArrayList<>()));
  }

  /** Whether any place of it was written so that it says something. */
  boolean isTested() {
    return !failed.isEmpty() || kept.stream().anyMatch(k -> k.count() > 0);
  }

  /** What failed in this way. */
  List<Evidence> failed(Outcome kind) {
    return failed.stream().filter(e -> e.fails(kind)).toList();
  }
}
