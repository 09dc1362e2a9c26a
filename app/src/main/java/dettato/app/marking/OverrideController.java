package dettato.app.marking;

import dettato.app.account.Teacher;
import dettato.mark.Result;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** One attempt explained, and the teacher's own judgement of it. */
@RestController
@RequiredArgsConstructor
class OverrideController {
  private final Overrides overrides;

  record OwnJudgement(@NotNull Result result, @NotNull @Size(max = 300) String note) {}

  /** One attempt with the explanation of its mark. */
  @GetMapping("/api/attempts/{id}")
  Cell one(@PathVariable long id, @AuthenticationPrincipal Teacher teacher) {
    return overrides.find(id, teacher);
  }

  /** Puts the teacher's own judgement in place of the mark; it holds for the text she judged. */
  @PutMapping("/api/attempts/{id}/override")
  Cell judge(
      @PathVariable long id,
      @RequestBody @Valid OwnJudgement own,
      @AuthenticationPrincipal Teacher teacher) {
    return overrides.judge(id, own.result(), own.note(), teacher);
  }

  /** Every judgement it was given, the newest first. */
  @GetMapping("/api/attempts/{id}/judgements")
  List<Overrides.LoggedJudgement> log(
      @PathVariable long id, @AuthenticationPrincipal Teacher teacher) {
    return overrides.log(id, teacher);
  }

  /** Withdraws the teacher's own judgement; the mark counts again. */
  @DeleteMapping("/api/attempts/{id}/override")
  Cell withdraw(@PathVariable long id, @AuthenticationPrincipal Teacher teacher) {
    return overrides.withdraw(id, teacher);
  }
}
