package dettato.app.account;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The teachers of the school; only a lead adds one. */
@RestController
@RequiredArgsConstructor
class AccountController {
  private final Accounts accounts;

  record Colleague(String name, Role role) {
    static Colleague of(Teacher teacher) {
      return new Colleague(teacher.name(), teacher.role());
    }
  }

  record NewColleague(
      @NotBlank @Size(max = 80) String username, @NotNull String password, @NotNull Role role) {}

  /** The accounts of the school. Asks for a lead. */
  @GetMapping("/api/accounts")
  List<Colleague> all() {
    return accounts.all().stream().map(Colleague::of).toList();
  }

  /** Makes an account. Asks for a lead. */
  @PostMapping("/api/accounts")
  @ResponseStatus(HttpStatus.CREATED)
  Colleague create(
      @RequestBody @Valid NewColleague made, @AuthenticationPrincipal Teacher teacher) {
    teacher.mustLead("add a teacher");
    return Colleague.of(accounts.create(made.username(), made.password(), made.role()));
  }
}
