package dettato.app.finding;

import dettato.app.school.Pupil;
import dettato.app.school.SchoolClass;
import dettato.diagnose.Standing;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Service;

/** The patterns of a class. */
@Service
@RequiredArgsConstructor
class Findings {
  private final ChildRecords records;

  /**
   * A pattern of one child.
   *
   * @param opportunities how many places of the broken conditions were tested, together
   * @param failures how many of them failed
   * @param broken the conditions that are failed, at least one
   * @param kept the others of the same sides
   * @param evidence the failures that it rests on, newest first, at most {@link ChildRecords#SHOWN}
   */
  record Finding(
      String pupil,
      long pupilId,
      String rule,
      Standing.Kind kind,
      double probability,
      int opportunities,
      int failures,
      List<ConditionCount> broken,
      List<ConditionCount> kept,
      List<ChildRecord.EvidenceView> evidence) {}

  record FindingList(List<Finding> findings) {}

  /** Patterns only, strongest first. */
  FindingList of(SchoolClass of, LocalDate asOf) {
    Map<Long, ChildRecord> known = records.of(of, asOf);
    List<Finding> findings = new ArrayList<>();
    for (Pupil pupil : of.pupils()) {
      java.util.Optional.ofNullable(known.get(pupil.id())).stream()
          .flatMap(r -> r.standings().stream())
          .filter(ChildRecord.Stands::isPattern)
          .forEach(s -> findings.add(finding(pupil, s)));
    }
    findings.sort(
        Comparator.comparingDouble(Finding::probability)
            .reversed()
            .thenComparing(Finding::pupil)
            .thenComparing(Finding::rule));
    return new FindingList(findings);
  }

  private static Finding finding(Pupil pupil, ChildRecord.Stands s) {
    return new Finding(
        pupil.name(),
        pupil.id(),
        s.rule(),
        s.kind(),
        s.probability(),
        s.opportunities(),
        s.failures(),
        ConditionCount.of(s.broken()),
        ConditionCount.of(s.kept()),
        s.evidence().stream().map(ChildRecord.EvidenceView::of).toList());
  }
}
