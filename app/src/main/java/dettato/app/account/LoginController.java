package dettato.app.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.authentication.session.ChangeSessionIdAuthenticationStrategy;
import org.springframework.security.web.authentication.session.SessionAuthenticationStrategy;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/**
 * Logging in and out. The pages use {@code /api/login}; scripts know the same as {@code
 * /api/session}.
 */
@RestController
@RequiredArgsConstructor
class LoginController {
  private final Accounts accounts;
  private final Clock clock;
  private final SessionAuthenticationStrategy sessions =
      new ChangeSessionIdAuthenticationStrategy();
  private final HttpSessionSecurityContextRepository contexts =
      new HttpSessionSecurityContextRepository();

  record Credentials(
      @NotBlank @Size(max = 80) String username, @NotBlank @Size(max = 200) String password) {}

  record NewAccount(@NotBlank @Size(max = 80) String username, @NotNull String password) {}

  record User(String name, Role role) {}

  /**
   * @param first whether no account exists yet, so that one may be made
   * @param today the day it is where Dettato runs
   */
  record Login(@Nullable User user, boolean first, LocalDate today) {}

  /** Who is logged in, and whether the school has an account yet. Sets the cookie XSRF-TOKEN. */
  @GetMapping({"/api/login", "/api/session"})
  Login who() {
    Authentication who = SecurityContextHolder.getContext().getAuthentication();
    return who != null && who.getPrincipal() instanceof Teacher teacher
        ? login(teacher)
        : new Login(null, accounts.isEmpty(), LocalDate.now(clock));
  }

  /** Logs in by name and password. */
  @PostMapping({"/api/login", "/api/session"})
  Login logIn(
      @RequestBody @Valid Credentials credentials,
      HttpServletRequest request,
      HttpServletResponse response) {
    return enter(
        accounts.logIn(credentials.username(), credentials.password(), request.getRemoteAddr()),
        request,
        response);
  }

  /** Makes the first account of an empty school, who leads it. Needs no login, and works once. */
  @PostMapping("/api/accounts/first")
  Login createFirst(
      @RequestBody @Valid NewAccount account,
      HttpServletRequest request,
      HttpServletResponse response) {
    return enter(accounts.createFirst(account.username(), account.password()), request, response);
  }

  /** Logs out: the session ends, and with it every line that it holds open. */
  @DeleteMapping({"/api/login", "/api/session"})
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void logOut(HttpServletRequest request) {
    var session = request.getSession(false);
    if (session != null) {
      session.invalidate();
    }
  }

  private Login enter(Teacher teacher, HttpServletRequest request, HttpServletResponse response) {
    Authentication who =
        UsernamePasswordAuthenticationToken.authenticated(teacher, null, List.of());
    sessions.onAuthentication(who, request, response);
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(who);
    SecurityContextHolder.setContext(context);
    contexts.saveContext(context, request, response);
    return login(teacher);
  }

  private Login login(Teacher teacher) {
    return new Login(new User(teacher.name(), teacher.role()), false, LocalDate.now(clock));
  }
}
