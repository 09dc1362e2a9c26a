package dettato.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;

/**
 * Draws words for one side of a rule: from every condition in turn, the commonest words first, no
 * two of one family. Rare words come only where there are not enough common ones.
 */
final class Pick {
  /** The rarest band that is taken from gladly, of five. */
  private static final int FAMILIAR = 3;

  private static final int RAREST = 5;

  /**
   * A word one band rarer is as good as one with so many sounds more: children know short words.
   */
  private static final int SOUNDS_A_BAND = 2;

  /** Shorter words are parts of others by chance. */
  private static final int FAMILY = 4;

  private final int window;
  private final Random random;

  /**
   * @param window how many times as many words as are needed are drawn from
   */
  Pick(int window, Random random) {
    this.window = window;
    this.random = random;
  }

  /**
   * So many of these, fewer when there are not so many: words of the conditions that come first
   * before any others.
   */
  List<Choice> of(List<Choice> side, int count, Set<String> first) {
    List<Choice> wanted =
        best(side.stream().filter(c -> first.contains(c.at().condition().id())).toList(), count);
    List<Choice> picked = new ArrayList<>(wanted);
    picked.addAll(
        best(
            side.stream().filter(c -> wanted.stream().noneMatch(w -> isFamily(c, w))).toList(),
            count - wanted.size()));
    return picked;
  }

  private List<Choice> best(List<Choice> side, int count) {
    List<Choice> clued = side.stream().filter(c -> !c.word().clue().isEmpty()).toList();
    List<Choice> picked = familiar(clued, count);
    return picked.size() < count ? familiar(side, count) : picked;
  }

  private List<Choice> familiar(List<Choice> from, int count) {
    List<Choice> picked = List.of();
    for (int band = FAMILIAR; band <= RAREST && picked.size() < count; band++) {
      int rarest = band;
      List<Choice> known =
          from.stream().filter(c -> c.word().commonness() <= rarest).sorted(FIRST).toList();
      picked = drawn(known, count);
    }
    return picked;
  }

  private static final Comparator<Choice> FIRST =
      Comparator.<Choice>comparingInt(
              c -> SOUNDS_A_BAND * c.word().commonness() + c.word().cut().size())
          .thenComparingInt(c -> c.word().rank());

  private List<Choice> drawn(List<Choice> from, int count) {
    Map<String, List<Choice>> left = new LinkedHashMap<>();
    from.forEach(c -> left.computeIfAbsent(c.at().condition().id(), k -> new ArrayList<>()).add(c));
    List<String> conditions = new ArrayList<>(left.keySet());
    Collections.shuffle(conditions, random);
    List<Choice> picked = new ArrayList<>();
    boolean strict = true;
    while (picked.size() < count) {
      boolean any = false;
      for (String condition : conditions) {
        List<Choice> some = left.getOrDefault(condition, List.of());
        int share = window * (1 + count / conditions.size());
        any |= picked.size() < count && one(some, share, picked, strict);
      }
      if (!any && !strict) {
        break;
      }
      strict &= any;
    }
    return picked;
  }

  /** Moves one at random, of the first some, over to those picked. */
  private boolean one(List<Choice> from, int share, List<Choice> picked, boolean strict) {
    List<Choice> fresh =
        from.stream()
            .filter(c -> !strict || picked.stream().noneMatch(p -> isFamily(c, p)))
            .limit(share)
            .toList();
    if (fresh.isEmpty()) {
      return false;
    }
    Choice drawn = fresh.get(random.nextInt(fresh.size()));
    from.remove(drawn);
    return picked.add(drawn);
  }

  private static boolean isFamily(Choice one, Choice other) {
    String a = base(one);
    String b = base(other);
    String shorter = a.length() <= b.length() ? a : b;
    String longer = a.length() <= b.length() ? b : a;
    return shorter.equals(longer)
        || shorter.length() >= FAMILY && (longer.startsWith(shorter) || longer.endsWith(shorter));
  }

  private static String base(Choice choice) {
    return choice.word().join().map(j -> j.base()).orElse(choice.word().spelling());
  }
}
