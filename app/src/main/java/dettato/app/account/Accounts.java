package dettato.app.account;

import dettato.app.problem.Problem;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.ProviderManager;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Makes accounts and checks passwords. A name that nobody has takes as long to refuse as a wrong
 * password does.
 */
@Service
public class Accounts {
  /** BCrypt reads no further. */
  private static final int LONGEST_IN_BYTES = 72;

  private static final int SHORTEST = 10;

  private final AccountRows rows;
  private final PasswordEncoder passwords;
  private final Tries tries;
  private final AuthenticationManager manager;

  Accounts(AccountRows rows, PasswordEncoder passwords, Tries tries) {
    this.rows = rows;
    this.passwords = passwords;
    this.tries = tries;
    DaoAuthenticationProvider provider =
        new DaoAuthenticationProvider(
            name ->
                rows.findByName(name)
                    .map(Known::of)
                    .orElseThrow(() -> new UsernameNotFoundException(name)));
    provider.setPasswordEncoder(passwords);
    this.manager = new ProviderManager(provider);
  }

  /**
   * The teacher with this name and password.
   *
   * @param address where it is typed
   * @throws Problem 401 when they do not match, 429 after too many tries
   */
  Teacher logIn(String name, String password, String address) {
    return tries.with(name, address, () -> checked(name, password));
  }

  private Teacher checked(String name, String password) {
    try {
      return ((Known)
              manager
                  .authenticate(UsernamePasswordAuthenticationToken.unauthenticated(name, password))
                  .getPrincipal())
          .teacher();
    } catch (AuthenticationException wrong) {
      throw Problem.unauthorized("Name and password do not match.");
    }
  }

  /** Whether nobody has an account yet. */
  public boolean isEmpty() {
    return rows.count() == 0;
  }

  /** All accounts, by name. */
  @Transactional(readOnly = true)
  public List<Teacher> all() {
    return rows.findAllByOrderByName().stream().map(AccountRow::teacher).toList();
  }

  /**
   * The account with this name.
   *
   * @throws Problem 404 when there is none
   */
  @Transactional(readOnly = true)
  public Teacher named(String name) {
    return rows.findByName(name.strip())
        .map(AccountRow::teacher)
        .orElseThrow(
            () ->
                Problem.notFound(
                    "Nobody here has the account '" + name.strip() + "'. Make it first."));
  }

  /**
   * Makes the first account of a school, which leads.
   *
   * @throws Problem 409 when there is one, also one made at this very moment
   */
  @Transactional
  public Teacher createFirst(String name, String password) {
    if (!isEmpty()) {
      throw alreadyFounded();
    }
    Teacher lead = create(name, password, Role.LEAD);
    try {
      rows.found(lead.id());
    } catch (DataIntegrityViolationException late) {
      throw alreadyFounded();
    }
    return lead;
  }

  private static Problem alreadyFounded() {
    return Problem.conflict("There is an account already. Log in with it.");
  }

  /**
   * Makes an account.
   *
   * @throws Problem 400 for a password that is too short or too long, 409 for a name that is taken
   */
  @Transactional
  public Teacher create(String name, String password, Role role) {
    if (password.length() < SHORTEST
        || password.getBytes(StandardCharsets.UTF_8).length > LONGEST_IN_BYTES) {
      throw Problem.badRequest(
          "A password has at least %d letters and at most %d bytes (letters with accents take two)."
              .formatted(SHORTEST, LONGEST_IN_BYTES));
    }
    if (rows.findByName(name.strip()).isPresent()) {
      throw Problem.conflict("There is an account '" + name.strip() + "' already.");
    }
    return rows.save(new AccountRow(name.strip(), passwords.encode(password), role)).teacher();
  }
}
