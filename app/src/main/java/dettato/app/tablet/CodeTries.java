package dettato.app.tablet;

import dettato.app.limit.Guesses;
import java.time.Duration;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/** How many wrong codes may come from one address: twenty in five minutes. */
@Component
class CodeTries {
  private static final int TRIES = 20;

  private final Guesses codes =
      new Guesses(
          TRIES, Duration.ofMinutes(5), "Too many wrong codes from here. Wait five minutes.");

  /**
   * Does what needs a right code, and counts a wrong one.
   *
   * @throws dettato.app.problem.Problem 429 when there are no tries left
   */
  <T> T with(String address, Supplier<T> does) {
    return codes.guess(address, does);
  }
}
