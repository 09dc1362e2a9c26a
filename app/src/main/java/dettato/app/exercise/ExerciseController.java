package dettato.app.exercise;

import dettato.activity.Activities;
import dettato.activity.Needs;
import dettato.activity.Traits;
import dettato.activity.Traits.Trait;
import dettato.app.account.Teacher;
import dettato.app.engine.Engines;
import dettato.app.finding.BrokenConditions;
import dettato.app.problem.Problem;
import dettato.app.school.Classes;
import dettato.app.school.SchoolClass;
import dettato.app.session.FocusView;
import dettato.app.terms.Prose;
import dettato.app.text.Materials;
import dettato.choose.Task;
import dettato.choose.Tasks;
import dettato.choose.Wanted;
import dettato.engine.Engine;
import dettato.focus.Focus;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The kinds of exercise, and tasks of one. */
@RestController
@RequiredArgsConstructor
class ExerciseController {
  private static final int MOST = 40;

  private final Activities kinds;
  private final Classes classes;
  private final Engines engines;
  private final BrokenConditions broken;
  private final Materials materials;
  private final Clock clock;

  /**
   * A kind.
   *
   * @param asks what the children are to do
   * @param levels whether it is made in three levels
   * @param focus whether they may be about a rule, a sound or irregular words
   * @param boxed whether its answers stand in a box that they share
   * @param toFind whether one of the words shown is wrong, and is to be found
   * @param sent whether its tasks may be sent to a session one by one
   */
  record ExerciseView(
      String id,
      @Prose String title,
      @Prose String asks,
      boolean levels,
      boolean focus,
      boolean boxed,
      boolean toFind,
      boolean sent) {
    static ExerciseView of(Traits kind) {
      return new ExerciseView(
          kind.id(),
          kind.title(),
          kind.asks(),
          kind.has(Trait.LEVELS),
          !kind.has(Trait.WITHOUT_FOCUS),
          kind.has(Trait.BOXED),
          kind.has(Trait.TO_FIND),
          !kind.has(Trait.NOT_SENT) && !kind.has(Trait.SHELF_ONLY));
    }
  }

  record ExerciseTasks(List<Task> tasks) {}

  /** The kinds that make tasks, with what their tasks are like. */
  @GetMapping("/api/classes/{id}/exercises")
  List<ExerciseView> kinds(@PathVariable long id, @AuthenticationPrincipal Teacher teacher) {
    Set<String> made = engine(classes.find(id, teacher)).tasks().kinds();
    return kinds.all().stream()
        .filter(k -> made.contains(k.id()))
        .map(k -> ExerciseView.of(k.traits()))
        .toList();
  }

  /**
   * Tasks of taught words. For mistakes to find without a focus, the conditions that most children
   * of the class break come first.
   *
   * @param level 1 to 3, where the kind has levels
   */
  @GetMapping("/api/classes/{id}/exercises/{kind}")
  ExerciseTasks tasks(
      @PathVariable long id,
      @PathVariable String kind,
      @RequestParam(required = false) @Nullable String rule,
      @RequestParam(required = false) @Nullable String sound,
      @RequestParam(required = false) @Nullable List<String> graphemes,
      @RequestParam(required = false) @Nullable Boolean irregular,
      @RequestParam(defaultValue = "1") int level,
      @RequestParam(defaultValue = "8") int count,
      @RequestParam(defaultValue = "1") long seed,
      @AuthenticationPrincipal Teacher teacher) {
    if (count < 1 || count > MOST) {
      throw Problem.badRequest("count is 1 to " + MOST + ", not " + count + ".");
    }
    if (level < 1 || level > Wanted.LEVELS) {
      throw Problem.badRequest("level is 1 to " + Wanted.LEVELS + ", not " + level + ".");
    }
    SchoolClass of = classes.find(id, teacher);
    Engine engine = engine(of);
    Tasks exercise = engine.tasks().of(kind);
    boolean any = rule != null || sound != null || Boolean.TRUE.equals(irregular);
    Optional<Focus> focus =
        any
            ? Optional.of(new FocusView(rule, sound, graphemes, irregular, null).focus())
            : Optional.empty();
    BrokenConditions.Broken shown = broken.of(of, LocalDate.now(clock), Set.of());
    return new ExerciseTasks(
        exercise.make(
            new Wanted(
                focus,
                level,
                count,
                Set.of(),
                any ? List.of() : shown.conditions().stream().map(Needs.Broken::condition).toList(),
                shown.written(),
                seed),
            materials.of(of)));
  }

  private Engine engine(SchoolClass of) {
    return engines.of(of);
  }
}
