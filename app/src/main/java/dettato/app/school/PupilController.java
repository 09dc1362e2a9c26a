package dettato.app.school;

import dettato.app.account.Teacher;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The children of a class. */
@RestController
@RequiredArgsConstructor
class PupilController {
  private final Classes classes;
  private final Roll roll;

  record NewPupils(@NotEmpty @Size(max = 60) List<@NotNull String> names) {}

  /**
   * @param extraTime in hundredths of what the others have
   */
  record MoreTime(@Min(0) @Max(200) int extraTime) {}

  record ChildrenInOrder(@NotEmpty @Size(max = 60) List<@NotNull Long> pupils) {}

  record NewName(@NotNull @Size(max = 80) String name) {}

  /** Everyone who is or was in the class. */
  @GetMapping("/api/classes/{id}/pupils")
  List<Enrolled> all(@PathVariable long id, @AuthenticationPrincipal Teacher teacher) {
    return classes.everyone(id, teacher);
  }

  /** Takes children into a class, by first name or code. */
  @PostMapping("/api/classes/{id}/pupils")
  @ResponseStatus(HttpStatus.CREATED)
  List<Enrolled> add(
      @PathVariable long id,
      @RequestBody @Valid NewPupils made,
      @AuthenticationPrincipal Teacher teacher) {
    roll.add(classes.find(id, teacher).id(), made.names(), true);
    return classes.everyone(id, teacher);
  }

  /** Calls a child otherwise, or gives it more time to write. */
  @PutMapping("/api/classes/{id}/pupils/{pupilId}")
  List<Enrolled> rename(
      @PathVariable long id,
      @PathVariable long pupilId,
      @RequestBody @Valid NewName made,
      @AuthenticationPrincipal Teacher teacher) {
    roll.rename(classes.find(id, teacher).id(), pupilId, made.name());
    return classes.everyone(id, teacher);
  }

  /** Puts the children in the order of the pile their papers lie in. */
  @PutMapping("/api/classes/{id}/order")
  List<Enrolled> order(
      @PathVariable long id,
      @RequestBody @Valid ChildrenInOrder wanted,
      @AuthenticationPrincipal Teacher teacher) {
    roll.order(classes.find(id, teacher).id(), wanted.pupils());
    return classes.everyone(id, teacher);
  }

  /** Gives the child more time to write than the others have. */
  @PutMapping("/api/classes/{id}/pupils/{pupilId}/time")
  List<Enrolled> give(
      @PathVariable long id,
      @PathVariable long pupilId,
      @RequestBody @Valid MoreTime more,
      @AuthenticationPrincipal Teacher teacher) {
    roll.give(classes.find(id, teacher).id(), pupilId, more.extraTime());
    return classes.everyone(id, teacher);
  }

  /** The child leaves today; papers and evidence stay. */
  @DeleteMapping("/api/classes/{id}/pupils/{pupilId}")
  List<Enrolled> leave(
      @PathVariable long id, @PathVariable long pupilId, @AuthenticationPrincipal Teacher teacher) {
    roll.leave(classes.find(id, teacher).id(), pupilId);
    return classes.everyone(id, teacher);
  }

  /** Takes a child back that had left the class. */
  @PostMapping("/api/classes/{id}/pupils/{pupilId}/return")
  List<Enrolled> comeBack(
      @PathVariable long id, @PathVariable long pupilId, @AuthenticationPrincipal Teacher teacher) {
    roll.comeBack(classes.find(id, teacher).id(), pupilId);
    return classes.everyone(id, teacher);
  }
}
