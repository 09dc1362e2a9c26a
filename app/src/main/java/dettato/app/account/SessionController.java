package dettato.app.account;

import dettato.app.web.Problem;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Logging in and out. */
@RestController
class SessionController {
  private final Accounts accounts;
  private final HttpSessionSecurityContextRepository contexts =
      new HttpSessionSecurityContextRepository();

  SessionController(Accounts accounts) {
    this.accounts = accounts;
  }

  record Credentials(@NotBlank String username, @NotBlank String password) {}

  record NewAccount(
      @NotBlank @Size(max = 80) String username, @Size(min = 10, max = 200) String password) {}

  record User(String name) {}

  /**
   * @param first whether no account exists yet, so that one may be made
   */
  record Session(@Nullable User user, boolean first) {}

  @GetMapping("/api/session")
  Session session() {
    var who = SecurityContextHolder.getContext().getAuthentication();
    boolean known = who != null && who.getPrincipal() instanceof Teacher;
    User user = known ? new User(((Teacher) who.getPrincipal()).name()) : null;
    return new Session(user, user == null && accounts.isEmpty());
  }

  @PostMapping("/api/session")
  Session logIn(
      @RequestBody @Valid Credentials credentials,
      HttpServletRequest request,
      HttpServletResponse response) {
    Teacher teacher = accounts.logIn(credentials.username(), credentials.password());
    return enter(teacher, request, response);
  }

  @PostMapping("/api/accounts/first")
  Session createFirst(
      @RequestBody @Valid NewAccount account,
      HttpServletRequest request,
      HttpServletResponse response) {
    if (!accounts.isEmpty()) {
      throw Problem.conflict("There is an account already. Log in with it.");
    }
    return enter(accounts.create(account.username(), account.password()), request, response);
  }

  @DeleteMapping("/api/session")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void logOut(HttpServletRequest request) {
    var session = request.getSession(false);
    if (session != null) {
      session.invalidate();
    }
  }

  private Session enter(Teacher teacher, HttpServletRequest request, HttpServletResponse response) {
    if (request.getSession(false) != null) {
      request.changeSessionId();
    }
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(
        UsernamePasswordAuthenticationToken.authenticated(teacher, null, List.of()));
    SecurityContextHolder.setContext(context);
    contexts.saveContext(context, request, response);
    return new Session(new User(teacher.name()), false);
  }
}
