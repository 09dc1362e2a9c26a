package dettato.app.limit;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import dettato.app.problem.Problem;
import io.github.bucket4j.Bucket;
import java.time.Duration;
import java.util.function.Supplier;
import java.util.stream.IntStream;

/**
 * Bounds wrong guesses under a key, such as passwords of one account. Guesses of one key follow one
 * another, so that of many made at the same moment no more are looked at than are left.
 */
public final class Guesses {
  private static final int KEPT = 10_000;
  private static final int LOCKS = 256;

  private final Duration rest;
  private final String says;
  private final LoadingCache<String, Bucket> buckets;
  private final Object[] locks = IntStream.range(0, LOCKS).mapToObj(i -> new Object()).toArray();

  /**
   * @param tries wrong ones that are looked at within the time
   * @param rest the time after which they may be made again
   * @param says what is told to whoever has none left
   */
  public Guesses(int tries, Duration rest, String says) {
    this.rest = rest;
    this.says = says;
    this.buckets =
        Caffeine.newBuilder()
            .expireAfterAccess(rest)
            .maximumSize(KEPT)
            .build(
                key ->
                    Bucket.builder()
                        .addLimit(l -> l.capacity(tries).refillIntervally(tries, rest))
                        .build());
  }

  /**
   * What a guess opens. A wrong one, which ends in a {@link Problem}, is counted.
   *
   * @throws Problem 429 when no tries are left; it is not looked at then, and not counted
   */
  public <T> T guess(String key, Supplier<T> guess) {
    synchronized (locks[Math.floorMod(key.hashCode(), LOCKS)]) {
      Bucket left = buckets.get(key);
      if (left.getAvailableTokens() < 1) {
        throw Problem.tooMany(says, rest);
      }
      try {
        return guess.get();
      } catch (Problem wrong) {
        if (wrong.rest().isEmpty()) {
          left.tryConsume(1);
        }
        throw wrong;
      }
    }
  }

  /** Forgets the wrong guesses that were made under a key. */
  public void forget(String key) {
    buckets.invalidate(key);
  }
}
