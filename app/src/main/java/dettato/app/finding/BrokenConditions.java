package dettato.app.finding;

import dettato.activity.Needs;
import dettato.app.school.SchoolClass;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Service;

/** The conditions that children of a class break, for whoever plans what to do about them. */
@Service
@RequiredArgsConstructor
public class BrokenConditions {
  private final Findings findings;

  /**
   * What is broken.
   *
   * @param conditions those that most children break first
   * @param written what the children wrote where they did
   */
  public record Broken(List<Needs.Broken> conditions, Set<String> written) {}

  /**
   * @param pupils of a group; empty for the whole class
   */
  public Broken of(SchoolClass of, LocalDate asOf, Set<Long> pupils) {
    List<Findings.Finding> found =
        findings.of(of, asOf).findings().stream()
            .filter(f -> pupils.isEmpty() || pupils.contains(f.pupilId()))
            .toList();
    Map<String, Long> children =
        found.stream()
            .flatMap(f -> f.broken().stream())
            .filter(c -> !c.condition().isEmpty())
            .collect(Collectors.groupingBy(ConditionCount::condition, Collectors.counting()));
    return new Broken(
        children.entrySet().stream()
            .sorted(
                Map.Entry.<String, Long>comparingByValue()
                    .reversed()
                    .thenComparing(Map.Entry.comparingByKey()))
            .map(e -> new Needs.Broken(e.getKey(), e.getValue().intValue()))
            .toList(),
        found.stream()
            .flatMap(f -> f.evidence().stream())
            .map(ChildRecord.EvidenceView::attempt)
            .collect(Collectors.toSet()));
  }
}
