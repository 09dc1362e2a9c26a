package dettato.app.account;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import dettato.app.web.Problem;
import java.time.Duration;
import java.util.Optional;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes accounts and checks passwords; after ten wrong ones a name rests for five minutes. */
@Service
public class Accounts {
  private static final int TRIES = 10;

  private final AccountRows rows;
  private final PasswordEncoder passwords;
  private final Cache<String, Integer> failures =
      Caffeine.newBuilder().expireAfterWrite(Duration.ofMinutes(5)).maximumSize(10_000).build();

  Accounts(AccountRows rows, PasswordEncoder passwords) {
    this.rows = rows;
    this.passwords = passwords;
  }

  /**
   * The teacher with this name and password.
   *
   * @throws Problem 401 when they do not match, 429 after too many tries
   */
  Teacher logIn(String name, String password) {
    Integer failed = failures.getIfPresent(name);
    if (failed != null && failed >= TRIES) {
      throw Problem.tooMany("Too many wrong passwords for this name. Wait five minutes.");
    }
    Optional<AccountRow> row = rows.findByName(name);
    if (row.isEmpty() || !passwords.matches(password, row.get().passwordHash())) {
      failures.asMap().merge(name, 1, Integer::sum);
      throw Problem.unauthorized("Name and password do not match.");
    }
    failures.invalidate(name);
    return new Teacher(row.get().id(), row.get().name());
  }

  /** Whether nobody has an account yet. */
  public boolean isEmpty() {
    return rows.count() == 0;
  }

  /** Makes an account. */
  @Transactional
  public Teacher create(String name, String password) {
    AccountRow row = rows.save(new AccountRow(name, passwords.encode(password)));
    return new Teacher(row.id(), row.name());
  }
}
