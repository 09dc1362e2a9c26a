package dettato.app.account;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import dettato.app.problem.Problem;
import io.github.bucket4j.Bucket;
import java.time.Duration;
import org.springframework.stereotype.Component;

/**
 * How many wrong passwords may come: ten for one name from one address in five minutes, and fifty
 * from one address for all names. Nobody locks another out: who types at another address has tries
 * of their own.
 */
@Component
class Tries {
  private static final Duration REST = Duration.ofMinutes(5);
  private static final int FOR_A_NAME = 10;
  private static final int FROM_AN_ADDRESS = 50;
  private static final int KEPT = 10_000;

  private final LoadingCache<String, Bucket> buckets =
      Caffeine.newBuilder().expireAfterAccess(REST).maximumSize(KEPT).build(Tries::bucket);

  private static Bucket bucket(String key) {
    int tries = key.startsWith("name ") ? FOR_A_NAME : FROM_AN_ADDRESS;
    return Bucket.builder().addLimit(l -> l.capacity(tries).refillIntervally(tries, REST)).build();
  }

  /**
   * @throws Problem 429 when there are none left
   */
  void check(String name, String address) {
    if (ofName(name, address).getAvailableTokens() < 1
        || ofAddress(address).getAvailableTokens() < 1) {
      throw Problem.tooMany("Too many wrong passwords from here. Wait five minutes.");
    }
  }

  void failed(String name, String address) {
    ofName(name, address).tryConsume(1);
    ofAddress(address).tryConsume(1);
  }

  /** Forgets the wrong passwords before the right one. */
  void succeeded(String name, String address) {
    buckets.invalidate(nameKey(name, address));
  }

  private Bucket ofName(String name, String address) {
    return buckets.get(nameKey(name, address));
  }

  private Bucket ofAddress(String address) {
    return buckets.get("address " + address);
  }

  private static String nameKey(String name, String address) {
    return "name " + name + " " + address;
  }
}
