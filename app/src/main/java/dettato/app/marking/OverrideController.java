package dettato.app.marking;

import dettato.app.account.Teacher;
import dettato.app.school.Classes;
import dettato.mark.Result;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The teacher's own judgement of an attempt. */
@RestController
class OverrideController {
  private final Attempts attempts;
  private final Classes classes;

  OverrideController(Attempts attempts, Classes classes) {
    this.attempts = attempts;
    this.classes = classes;
  }

  record Override(@NotNull Result result, @NotNull @Size(max = 300) String note) {}

  @PutMapping("/api/attempts/{id}/override")
  Attempts.Cell override(
      @PathVariable long id,
      @RequestBody @Valid Override own,
      @AuthenticationPrincipal Teacher teacher) {
    return attempts.override(
        id, own.result(), own.note(), classes.find(attempts.classOf(id), teacher), teacher);
  }
}
