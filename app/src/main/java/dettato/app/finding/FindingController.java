package dettato.app.finding;

import dettato.app.account.Teacher;
import dettato.app.problem.Problem;
import dettato.app.school.Classes;
import dettato.app.school.SchoolClass;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Findings, the map of a class, and what is behind a cell or a child. */
@RestController
@RequiredArgsConstructor
class FindingController {
  private final Findings findings;
  private final ClassMaps maps;
  private final ChildCards cards;
  private final Classes classes;
  private final Clock clock;

  /**
   * Patterns only: rules that children misapply, with counts, conditions and the words as evidence,
   * strongest first.
   */
  @GetMapping("/api/classes/{id}/findings")
  Findings.FindingList findings(
      @PathVariable long id,
      @RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
          Optional<LocalDate> asOf,
      @AuthenticationPrincipal Teacher teacher) {
    return findings.of(classes.find(id, teacher), day(asOf));
  }

  /**
   * Children by rules: the state of each, with counts. What stands behind a cell is asked for
   * apart.
   */
  @GetMapping("/api/classes/{id}/map")
  ClassMaps.ClassMap map(
      @PathVariable long id,
      @RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
          Optional<LocalDate> asOf,
      @AuthenticationPrincipal Teacher teacher) {
    return maps.of(classes.find(id, teacher), day(asOf));
  }

  /**
   * Which graphemes a child takes for others of the same sound, and which sounds it takes for
   * others.
   */
  @GetMapping("/api/classes/{id}/pupils/{pupilId}/leanings")
  ChildCards.ChildSounds leanings(
      @PathVariable long id,
      @PathVariable long pupilId,
      @RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
          Optional<LocalDate> asOf,
      @AuthenticationPrincipal Teacher teacher) {
    return cards.sounds(withChild(id, pupilId, teacher), pupilId, day(asOf));
  }

  /** The evidence for one child and one rule: every word that tested it. */
  @GetMapping("/api/classes/{id}/pupils/{pupilId}/rules/{rule}")
  ChildCards.CellEvidence evidence(
      @PathVariable long id,
      @PathVariable long pupilId,
      @PathVariable String rule,
      @RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
          Optional<LocalDate> asOf,
      @AuthenticationPrincipal Teacher teacher) {
    return cards.evidence(withChild(id, pupilId, teacher), pupilId, rule, day(asOf));
  }

  private SchoolClass withChild(long id, long pupilId, Teacher teacher) {
    SchoolClass of = classes.find(id, teacher);
    if (of.pupils().stream().noneMatch(p -> p.id() == pupilId)) {
      throw Problem.notFound("There is no child " + pupilId + " in this class.");
    }
    return of;
  }

  private LocalDate day(Optional<LocalDate> asOf) {
    return asOf.orElseGet(() -> LocalDate.now(clock));
  }
}
