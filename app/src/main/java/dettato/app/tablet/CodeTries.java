package dettato.app.tablet;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import dettato.app.problem.Problem;
import io.github.bucket4j.Bucket;
import java.time.Duration;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/** How many wrong codes may come from one address: twenty in five minutes. */
@Component
class CodeTries {
  private static final Duration REST = Duration.ofMinutes(5);
  private static final int TRIES = 20;
  private static final int KEPT = 10_000;

  private final LoadingCache<String, Bucket> buckets =
      Caffeine.newBuilder()
          .expireAfterAccess(REST)
          .maximumSize(KEPT)
          .build(
              k ->
                  Bucket.builder()
                      .addLimit(l -> l.capacity(TRIES).refillIntervally(TRIES, REST))
                      .build());

  /**
   * Does what needs a right code, and counts a wrong one.
   *
   * @throws Problem 429 when there are no tries left
   */
  <T> T with(String address, Supplier<T> does) {
    Bucket left = buckets.get(address);
    if (left.getAvailableTokens() < 1) {
      throw Problem.tooMany("Too many wrong codes from here. Wait five minutes.");
    }
    try {
      return does.get();
    } catch (Problem wrong) {
      left.tryConsume(1);
      throw wrong;
    }
  }
}
