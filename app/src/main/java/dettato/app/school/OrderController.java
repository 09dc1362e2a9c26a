package dettato.app.school;

import dettato.app.account.Teacher;
import dettato.app.problem.Problem;
import dettato.plan.Stage;
import dettato.plan.TeachingSequence;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.word.Capitals;
import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The teaching sequence of a class: ours or its own, with what it is ahead with and waits with. */
@RestController
@RequiredArgsConstructor
class OrderController {
  private static final String TYPE = "text/csv";

  private final Classes classes;
  private final Profiles profiles;

  /**
   * A correspondence on the path.
   *
   * @param id that a tick of the profile names it by
   * @param taught whether the class has been taught it
   * @param ticked whether that is so by a tick, against the sequence
   */
  record PathUnit(
      String id, String grapheme, String phoneme, String example, boolean taught, boolean ticked) {}

  /**
   * One step of the path.
   *
   * @param stage what our own order teaches at this stage; "" in a school's own
   * @param byHeart words to know whole from this step on
   */
  record PathStep(int step, String stage, List<PathUnit> units, List<String> byHeart) {}

  /** A grapheme in a sound, in IPA of the class's accent. */
  record OwnUnit(@Nullable String grapheme, @Nullable String phoneme) {}

  /**
   * A step that a school gives.
   *
   * @param graphemes each in its usual sound; those of {@code taught} are with their sound
   * @param byHeart words to know whole from this step on
   */
  record OwnStep(
      int step,
      @Nullable List<String> graphemes,
      @Nullable List<OwnUnit> taught,
      @Nullable List<String> byHeart) {}

  /**
   * @param own whether it is the class's own order
   * @param step that the class has come to
   * @param units on the whole path
   * @param taught how many of them
   */
  record TeachingPath(boolean own, int step, int units, int taught, List<PathStep> steps) {}

  /** The order in which a class is taught, as CSV: the school's own, or ours. */
  @GetMapping("/api/classes/{id}/sequence")
  TeachingPath path(@PathVariable long id, @AuthenticationPrincipal Teacher teacher) {
    return view(classes.find(id, teacher));
  }

  /** The order in which a class is taught, as a file. */
  @GetMapping(path = "/api/classes/{id}/sequence.csv", produces = TYPE + ";charset=UTF-8")
  ResponseEntity<String> write(@PathVariable long id, @AuthenticationPrincipal Teacher teacher) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"sequence.csv\"")
        .body(Orders.write(profiles.orderOf(classes.find(id, teacher))));
  }

  /**
   * Takes the class's own order, wholly or not at all.
   *
   * @throws Problem 400 with every line that is wrong, and why
   */
  @PutMapping(path = "/api/classes/{id}/sequence", consumes = TYPE)
  TeachingPath take(
      @PathVariable long id, @RequestBody byte[] csv, @AuthenticationPrincipal Teacher teacher) {
    profiles.takeOrder(classes.find(id, teacher), new String(csv, StandardCharsets.UTF_8));
    return path(id, teacher);
  }

  /**
   * The same step by step, as our own order is given.
   *
   * @throws Problem 400 with every step that is wrong, counted from 1, and why
   */
  @PutMapping(path = "/api/classes/{id}/sequence", consumes = MediaType.APPLICATION_JSON_VALUE)
  TeachingPath takeSteps(
      @PathVariable long id,
      @RequestBody List<OwnStep> steps,
      @AuthenticationPrincipal Teacher teacher) {
    profiles.takeOrder(classes.find(id, teacher), OwnSteps.lines(steps));
    return path(id, teacher);
  }

  /** Goes back to ours. */
  @DeleteMapping("/api/classes/{id}/sequence")
  TeachingPath drop(@PathVariable long id, @AuthenticationPrincipal Teacher teacher) {
    profiles.dropOrder(classes.find(id, teacher));
    return path(id, teacher);
  }

  private TeachingPath view(SchoolClass of) {
    TeachingSequence order = profiles.orderOf(of);
    Accent accent = Accents.of(of.accent());
    boolean own = !order.equals(TeachingSequence.shipped());
    Map<Integer, List<TeachingSequence.Step>> byNumber =
        order.steps().stream()
            .collect(
                Collectors.groupingBy(
                    TeachingSequence.Step::number, TreeMap::new, Collectors.toList()));
    order.byHeart().forEach(h -> byNumber.putIfAbsent(h.step(), List.of()));
    List<PathStep> steps =
        byNumber.entrySet().stream()
            .map(
                e ->
                    new PathStep(
                        e.getKey(),
                        own ? "" : stage(e.getValue()),
                        e.getValue().stream().map(s -> unit(s, of, accent)).toList(),
                        order.byHeart(e.getKey()).stream().map(Capitals::written).toList()))
            .toList();
    List<PathUnit> units = steps.stream().map(PathStep::units).flatMap(Collection::stream).toList();
    return new TeachingPath(
        own, of.step(), units.size(), (int) units.stream().filter(PathUnit::taught).count(), steps);
  }

  private static String stage(List<TeachingSequence.Step> step) {
    return step.stream().flatMap(s -> s.stage().stream()).findFirst().map(Stage::says).orElse("");
  }

  private static PathUnit unit(TeachingSequence.Step step, SchoolClass of, Accent accent) {
    boolean early = of.choices().ticks().early().contains(step.id());
    boolean later = of.choices().ticks().later().contains(step.id());
    boolean reached = step.number() <= of.step();
    return new PathUnit(
        step.id(),
        step.grapheme().text(),
        accent.say(step.sound()),
        step.example(),
        reached ? !later : early,
        reached ? later : early);
  }
}
