package dettato.plan;

import dettato.word.Unit;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.IntPredicate;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * First and last parts that real words have. A pair of them has a number: that of the first times
 * how many last ones there are, and that of the last.
 */
record InventedParts(
    List<List<Unit>> first, List<List<Unit>> last, List<String> heads, List<String> tails) {
  private static final int HEARD_OFTEN = 2;

  private InventedParts(List<List<Unit>> first, List<List<Unit>> last) {
    this(first, last, written(first), written(last));
  }

  /**
   * Of words, what comes before a unit and what comes from it on.
   *
   * @param at the unit a word is parted at
   */
  static InventedParts of(Stream<Word> models, ToIntFunction<Word> at) {
    List<Word> all = models.toList();
    return new InventedParts(
        often(all.stream().map(w -> w.cut().units().subList(0, at.applyAsInt(w))).toList()),
        often(
            all.stream()
                .map(w -> w.cut().units().subList(at.applyAsInt(w), w.cut().size()))
                .toList()));
  }

  List<Unit> first(int pair) {
    return first.get(pair / last.size());
  }

  List<Unit> last(int pair) {
    return last.get(rime(pair));
  }

  /** The number of a pair's last part. */
  int rime(int pair) {
    return pair % last.size();
  }

  int units(int pair) {
    return first(pair).size() + last(pair).size();
  }

  /** What a pair is written like; "" where that must be looked at. */
  String letters(int pair) {
    String head = heads.get(pair / last.size());
    String tail = tails.get(rime(pair));
    return tail.isEmpty() || head.isEmpty() && !first(pair).isEmpty() ? "" : head + tail;
  }

  /** Pairs of which both parts are such; each part is asked once. */
  IntPredicate both(Predicate<List<Unit>> such) {
    List<Boolean> heads = first.stream().map(such::test).toList();
    List<Boolean> tails = last.stream().map(such::test).toList();
    return pair -> heads.get(pair / last.size()) && tails.get(rime(pair));
  }

  /** Pairs of which one part or both are such; each part is asked once. */
  IntPredicate either(Predicate<List<Unit>> such) {
    return both(such.negate()).negate();
  }

  /** Every pair in the seed's order. */
  int[] order(long seed) {
    int[] pairs = IntStream.range(0, first.size() * last.size()).toArray();
    Random random = new Random(seed);
    for (int i = pairs.length - 1; i > 0; i--) {
      int other = random.nextInt(i + 1);
      int held = pairs[i];
      pairs[i] = pairs[other];
      pairs[other] = held;
    }
    return pairs;
  }

  /** Each part's letters, "" where the e of a split digraph stands apart from them. */
  private static List<String> written(List<List<Unit>> parts) {
    return parts.stream()
        .map(
            p ->
                p.stream().anyMatch(u -> u.grapheme().isSplit())
                    ? ""
                    : p.stream().map(u -> u.grapheme().text()).collect(Collectors.joining()))
        .toList();
  }

  /** Parts that at least {@link #HEARD_OFTEN} words have, in the order first met. */
  private static List<List<Unit>> often(List<List<Unit>> parts) {
    Map<String, Integer> counts = new HashMap<>();
    List<List<Unit>> often = new ArrayList<>();
    for (List<Unit> part : parts) {
      String form = part.stream().map(Unit::format).collect(Collectors.joining(" "));
      if (counts.merge(form, 1, Integer::sum) == HEARD_OFTEN) {
        often.add(part);
      }
    }
    return often;
  }
}
