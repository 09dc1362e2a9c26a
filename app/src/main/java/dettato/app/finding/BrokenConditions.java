package dettato.app.finding;

import dettato.app.school.SchoolClass;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** The conditions that children of a class break, for whoever plans what to do about them. */
@Service
public class BrokenConditions {
  private final Findings findings;

  BrokenConditions(Findings findings) {
    this.findings = findings;
  }

  /** Ids, those that most children break first. */
  public List<String> of(SchoolClass of, LocalDate asOf) {
    Map<String, Long> children =
        findings.of(of, asOf).findings().stream()
            .flatMap(f -> f.broken().stream())
            .filter(c -> !c.condition().isEmpty())
            .collect(Collectors.groupingBy(ConditionCount::condition, Collectors.counting()));
    return children.entrySet().stream()
        .sorted(
            Map.Entry.<String, Long>comparingByValue()
                .reversed()
                .thenComparing(Map.Entry.comparingByKey()))
        .map(Map.Entry::getKey)
        .toList();
  }
}
