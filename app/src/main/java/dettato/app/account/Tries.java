package dettato.app.account;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import dettato.app.limit.Guesses;
import java.time.Duration;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * How many wrong passwords may come in five minutes: ten for one account, whatever address they
 * name, and fifty from one address for all accounts. Where somebody has logged in before they have
 * ten tries of their own, so that a stranger's guessing locks out neither them nor their school.
 */
@Component
class Tries {
  private static final Duration REST = Duration.ofMinutes(5);
  private static final Duration REMEMBERED = Duration.ofDays(60);
  private static final int FOR_AN_ACCOUNT = 10;
  private static final int FROM_AN_ADDRESS = 50;
  private static final int KEPT = 10_000;
  private static final String SAYS = "Too many wrong passwords. Wait five minutes.";

  private final Guesses forAccounts = new Guesses(FOR_AN_ACCOUNT, REST, SAYS);
  private final Guesses whereKnown = new Guesses(FOR_AN_ACCOUNT, REST, SAYS);
  private final Guesses fromAddresses = new Guesses(FROM_AN_ADDRESS, REST, SAYS);

  /** An account at an address where it has logged in. */
  private record Place(String name, String address) {}

  private final Cache<Place, Boolean> known =
      Caffeine.newBuilder().expireAfterAccess(REMEMBERED).maximumSize(KEPT).build();

  /**
   * Looks at a password, if there are tries left.
   *
   * @throws dettato.app.problem.Problem what {@code password} throws, or 429 when none are left
   */
  Teacher with(String name, String address, Supplier<Teacher> password) {
    Place here = new Place(name, address);
    String place = name + " " + address;
    Teacher who =
        known.getIfPresent(here) != null
            ? whereKnown.guess(place, password)
            : forAccounts.guess(name, () -> fromAddresses.guess(address, password));
    forAccounts.forget(name);
    whereKnown.forget(place);
    known.put(here, true);
    return who;
  }
}
