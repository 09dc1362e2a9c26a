package dettato.app.insight;

import dettato.app.account.Teacher;
import dettato.app.school.Classes;
import dettato.app.school.SchoolClass;
import dettato.app.web.Problem;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Findings and the map of a class. */
@RestController
class InsightController {
  private final Insights insights;
  private final ChildLeanings leanings;
  private final Classes classes;
  private final Clock clock;

  InsightController(Insights insights, ChildLeanings leanings, Classes classes, Clock clock) {
    this.insights = insights;
    this.leanings = leanings;
    this.classes = classes;
    this.clock = clock;
  }

  @GetMapping("/api/classes/{id}/findings")
  Insights.Findings findings(
      @PathVariable long id,
      @RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
          Optional<LocalDate> asOf,
      @AuthenticationPrincipal Teacher teacher) {
    return insights.findings(classes.find(id, teacher), asOf.orElseGet(this::today));
  }

  @GetMapping("/api/classes/{id}/map")
  Insights.ClassMap map(
      @PathVariable long id,
      @RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
          Optional<LocalDate> asOf,
      @AuthenticationPrincipal Teacher teacher) {
    return insights.map(classes.find(id, teacher), asOf.orElseGet(this::today));
  }

  @GetMapping("/api/classes/{id}/pupils/{pupilId}/leanings")
  ChildLeanings.Child leanings(
      @PathVariable long id,
      @PathVariable long pupilId,
      @RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
          Optional<LocalDate> asOf,
      @AuthenticationPrincipal Teacher teacher) {
    SchoolClass of = classes.find(id, teacher);
    if (of.pupils().stream().noneMatch(p -> p.id() == pupilId)) {
      throw Problem.notFound("There is no child " + pupilId + " in this class.");
    }
    return leanings.of(of, pupilId, asOf.orElseGet(this::today));
  }

  private LocalDate today() {
    return LocalDate.now(clock);
  }
}
