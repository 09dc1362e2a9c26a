package dettato.plan;

import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Children who guess the next answer from those before and know nothing of the rule: an order is
 * good when none of them is often right.
 */
public final class Guessers {
  /** What is remembered of what went before. */
  private static final int MEMORY = 5;

  private Guessers() {}

  /** A way to guess. */
  public enum Way {
    OTHER("always says the other"),
    SAME("says the same again"),
    RUN("says the same twice, then the other"),
    REMEMBERS("remembers what came after the last few"),
    MOST("says what came most so far"),
    LEAST("says what came least so far");

    private final String says;

    Way(String says) {
      this.says = says;
    }

    /** What a child does who guesses so, as in: a child who … */
    public String says() {
      return says;
    }

    /** The guess after these answers, of which there is one at least. */
    private Object next(List<?> before) {
      Object last = before.get(before.size() - 1);
      return switch (this) {
        case OTHER -> other(before);
        case SAME -> last;
        case RUN -> runAtEnd(before) > 1 ? other(before) : last;
        case REMEMBERS -> remembered(before).orElse(last);
        case MOST -> extreme(before, Comparator.naturalOrder());
        case LEAST -> extreme(before, Comparator.reverseOrder());
      };
    }
  }

  /**
   * How a guesser fares.
   *
   * @param right at how many places
   * @param places that could be guessed: all but the first
   */
  public record Score(Way way, int right, int places) {
    /** The part of the places that is guessed, 0 to 1. */
    public double share() {
      return places == 0 ? 0 : (double) right / places;
    }
  }

  /** How one way of guessing fares on an order of answers. */
  public static Score score(Way way, List<?> asked) {
    int right = 0;
    for (int i = 1; i < asked.size(); i++) {
      right += way.next(asked.subList(0, i)).equals(asked.get(i)) ? 1 : 0;
    }
    return new Score(way, right, Math.max(0, asked.size() - 1));
  }

  /** The guesser that fares best. */
  public static Score best(List<?> asked) {
    return Arrays.stream(Way.values())
        .map(w -> score(w, asked))
        .max(Comparator.comparingInt(Score::right))
        .orElseThrow();
  }

  private static int runAtEnd(List<?> before) {
    int run = 1;
    while (run < before.size()
        && before.get(before.size() - 1 - run).equals(before.get(before.size() - 1))) {
      run++;
    }
    return run;
  }

  /** What came last of what is not the last; nothing that was ever asked while there is none. */
  private static Object other(List<?> before) {
    Object last = before.get(before.size() - 1);
    for (int i = before.size() - 2; i >= 0; i--) {
      if (!before.get(i).equals(last)) {
        return before.get(i);
      }
    }
    return "something else";
  }

  /** What came last time after the longest stretch that ended as this one does. */
  private static Optional<Object> remembered(List<?> before) {
    for (int length = Math.min(MEMORY, before.size() - 1); length > 0; length--) {
      List<?> end = before.subList(before.size() - length, before.size());
      for (int at = before.size() - length - 1; at >= 0; at--) {
        if (before.subList(at, at + length).equals(end)) {
          return Optional.of(before.get(at + length));
        }
      }
    }
    return Optional.empty();
  }

  /** What came most often, or least; of several the one that came last. */
  private static Object extreme(List<?> before, Comparator<Integer> order) {
    Map<Object, Integer> counts = new HashMap<>();
    Set<Object> newestFirst = new LinkedHashSet<>();
    for (int i = before.size() - 1; i >= 0; i--) {
      counts.merge(before.get(i), 1, Integer::sum);
      newestFirst.add(before.get(i));
    }
    Object found = before.get(before.size() - 1);
    for (Object one : newestFirst) {
      found = order.compare(counts.get(one), counts.get(found)) > 0 ? one : found;
    }
    return found;
  }
}
