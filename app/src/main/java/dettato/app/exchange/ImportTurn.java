package dettato.app.exchange;

import dettato.app.problem.Problem;
import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/** Files are read one at a time: each takes memory, and the machine also serves those who type. */
@Component
class ImportTurn {
  private static final Duration PATIENCE = Duration.ofSeconds(1);
  private static final Duration COME_AGAIN = Duration.ofSeconds(5);

  private final Semaphore turn = new Semaphore(1);

  /**
   * Does it when no other file is being read.
   *
   * @throws Problem 429 after a second's wait, saying when to try again
   */
  <T> T take(Supplier<T> reading) {
    if (!mayBegin()) {
      throw Problem.tooMany(
          "Another file is being read in; yours comes after it. Send it again in %d seconds."
              .formatted(COME_AGAIN.toSeconds()),
          COME_AGAIN);
    }
    try {
      return reading.get();
    } finally {
      turn.release();
    }
  }

  private boolean mayBegin() {
    try {
      return turn.tryAcquire(PATIENCE.toMillis(), TimeUnit.MILLISECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return false;
    }
  }
}
