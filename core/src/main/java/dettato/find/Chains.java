package dettato.find;

import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

/**
 * Chains of words, each exactly one sound from the one before, none twice. A search in depth from
 * up to {@link #STARTS} words, neighbours in a random order, each with a limit of {@link
 * #MOST_STEPS}: where few words are taught all ways are tried; else the longest found need not be
 * the longest there is.
 */
public final class Chains {
  private static final int MOST_STEPS = 20_000;
  private static final int STARTS = 40;
  private static final int TRIES = 40;
  private static final String DOUBLED = ".*(ff|ll|ss|zz|ck)";

  private final Neighbours neighbours;

  /**
   * What is wanted.
   *
   * @param start the first word; "" for any
   * @param from fewest sounds of each word, {@code to} the most
   * @param doubled whether some words end in ff, ll, ss, zz or ck: at least two, or none; empty
   *     leaves it open
   * @param step up to which step graphemes are taught
   * @param without spellings to do without, as far as a chain can be found that does
   */
  public record Request(
      int length,
      String start,
      int from,
      int to,
      Optional<Boolean> doubled,
      int step,
      Set<String> without,
      long seed) {
    private long unwanted(Chain chain) {
      return chain.words.stream().filter(w -> without.contains(w.word().spelling())).count();
    }
  }

  /**
   * Words in order, and what is done to each to make the next.
   *
   * @param sure whether none is longer: it is as long as asked, or all ways were tried
   */
  public record Chain(List<Spoken> words, List<Spoken.Move> moves, boolean sure) {
    public Chain {
      words = List.copyOf(words);
      moves = List.copyOf(moves);
    }
  }

  public Chains(Neighbours neighbours) {
    this.neighbours = neighbours;
  }

  /** A chain as long as asked, or the longest that was found when none is; empty without words. */
  public Chain find(Request request) {
    List<Spoken> starts = neighbours.all().stream().filter(s -> mayBe(s, request)).toList();
    Set<Spoken> may = Collections.newSetFromMap(new IdentityHashMap<>());
    may.addAll(starts);
    Chain best = chain(starts, may, request, request.seed);
    for (int i = 1; i < TRIES && request.unwanted(best) > 0; i++) {
      Chain other = chain(starts, may, request, request.seed + i);
      boolean better =
          other.words.size() >= best.words.size()
              && request.unwanted(other) < request.unwanted(best);
      best = better ? other : best;
    }
    return best;
  }

  private Chain chain(List<Spoken> from, Set<Spoken> may, Request request, long seed) {
    List<Spoken> starts = new ArrayList<>(from);
    Random random = new Random(seed);
    Collections.shuffle(starts, random);
    if (!request.start.isEmpty()) {
      starts.removeIf(s -> !s.word().spelling().equals(request.start));
    }
    List<Spoken> best = List.of();
    boolean all = starts.size() <= STARTS;
    for (Spoken start : starts.subList(0, Math.min(STARTS, starts.size()))) {
      Search search = new Search(may, request, random);
      search.from(start);
      best = search.best.size() > best.size() ? search.best : best;
      all &= search.steps < MOST_STEPS;
      if (best.size() == request.length) {
        break;
      }
    }
    return chain(best, all || best.size() == request.length);
  }

  private boolean mayBe(Spoken one, Request request) {
    return one.size() >= request.from
        && one.size() <= request.to
        && (request.doubled.orElse(true) || !isDoubled(one))
        && neighbours.isTaught(one, request.step);
  }

  private static boolean isDoubled(Spoken spoken) {
    return spoken.word().spelling().matches(DOUBLED);
  }

  private static Chain chain(List<Spoken> words, boolean sure) {
    List<Spoken.Move> moves = new ArrayList<>();
    for (int i = 1; i < words.size(); i++) {
      moves.add(words.get(i - 1).moveTo(words.get(i)).orElseThrow());
    }
    return new Chain(words, moves, sure);
  }

  private final class Search {
    private final Set<Spoken> may;
    private final Request request;
    private final Random random;
    private final Set<Spoken> taken = new LinkedHashSet<>();
    private List<Spoken> best = List.of();
    private int steps;

    Search(Set<Spoken> may, Request request, Random random) {
      this.may = may;
      this.request = request;
      this.random = random;
    }

    boolean from(Spoken word) {
      taken.add(word);
      boolean longer = taken.size() > best.size() && hasEnds();
      if (longer) {
        best = new ArrayList<>(taken);
      }
      if (best.size() == request.length) {
        return true;
      }
      if (taken.size() < request.length && steps++ < MOST_STEPS) {
        List<Spoken> next = new ArrayList<>(neighbours.of(word));
        next.removeIf(n -> !may.contains(n));
        Collections.shuffle(next, random);
        for (Spoken one : next) {
          if (!taken.contains(one) && !repeats(one) && from(one)) {
            return true;
          }
        }
      }
      taken.remove(word);
      return false;
    }

    /** Three changes in one place in a row (cat, hat, mat, rat) teach little. */
    private boolean repeats(Spoken next) {
      List<Spoken> so = new ArrayList<>(taken);
      int n = so.size();
      return n >= 3
          && so.get(n - 1).moveTo(next).equals(so.get(n - 2).moveTo(so.get(n - 1)))
          && so.get(n - 2).moveTo(so.get(n - 1)).equals(so.get(n - 3).moveTo(so.get(n - 2)));
    }

    private boolean hasEnds() {
      boolean asked = request.doubled.orElse(false);
      return !asked
          || taken.size() < request.length
          || taken.stream().filter(Chains::isDoubled).count() >= 2;
    }
  }
}
