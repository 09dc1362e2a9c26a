package dettato.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Which words are due again. A word that was missed by enough of those who wrote it comes back the
 * next day; once it is right it comes back after a week, then after two and after four, unless it
 * is missed again. A word that nobody ever missed is not asked again.
 */
public final class Review {
  /** A word is missed when so large a part of those who wrote it did not have it. */
  private static final double PART_MISSED = 0.15;

  /** Of many children one may slip. */
  private static final int SLIP = 1;

  private static final int FEW = 6;
  private static final int FIRST_DAYS = 7;
  private static final int MOST_TIMES = 3;

  /** A word counts as known when so large a part had it, so many times running. */
  private static final double PART_KNOWN = 0.9;

  private static final int TIMES_KNOWN = 2;

  private Review() {}

  /**
   * A word as it was met on one day.
   *
   * @param asked how many children wrote it
   * @param missed how many of them did not have it
   */
  public record Met(String word, LocalDate on, int asked, int missed) {
    double part() {
      return asked == 0 ? 0 : (double) missed / asked;
    }

    boolean isMissed() {
      return part() >= PART_MISSED && (asked <= FEW ? missed > 0 : missed > SLIP);
    }
  }

  /**
   * A word that is due.
   *
   * @param last when it was missed last
   */
  public record Due(String word, Met last, boolean rightSince) {}

  /** The words that are due on a day: those that most missed first, then those met longest ago. */
  public static List<Due> due(List<Met> met, LocalDate today) {
    List<Due> due = new ArrayList<>();
    byWord(met, today)
        .forEach(
            (word, days) -> {
              int missedAt = lastMissed(days);
              int since = days.size() - 1 - missedAt;
              if (missedAt >= 0 && since <= MOST_TIMES) {
                LocalDate last = days.get(days.size() - 1).on();
                int wait = since == 0 ? 1 : FIRST_DAYS << (since - 1);
                if (!last.plusDays(wait).isAfter(today)) {
                  due.add(new Due(word, days.get(missedAt), since > 0));
                }
              }
            });
    due.sort(
        Comparator.comparing(Due::rightSince)
            .thenComparing(Comparator.<Due>comparingDouble(d -> d.last.part()).reversed())
            .thenComparing(d -> d.last.on())
            .thenComparing(Due::word));
    return due;
  }

  /** The words that nearly all had, the last few times they were asked. */
  public static Set<String> known(List<Met> met, LocalDate today) {
    Set<String> known = new HashSet<>();
    byWord(met, today)
        .forEach(
            (word, days) -> {
              List<Met> last = days.subList(Math.max(0, days.size() - TIMES_KNOWN), days.size());
              if (last.size() == TIMES_KNOWN
                  && last.stream().allMatch(m -> 1 - m.part() >= PART_KNOWN)) {
                known.add(word);
              }
            });
    return known;
  }

  private static Map<String, List<Met>> byWord(List<Met> met, LocalDate today) {
    Map<String, List<Met>> byWord = new LinkedHashMap<>();
    met.stream()
        .filter(m -> m.on().isBefore(today))
        .sorted(Comparator.comparing(Met::on))
        .forEach(m -> byWord.computeIfAbsent(m.word(), w -> new ArrayList<>()).add(m));
    return byWord;
  }

  private static int lastMissed(List<Met> days) {
    for (int i = days.size() - 1; i >= 0; i--) {
      if (days.get(i).isMissed()) {
        return i;
      }
    }
    return -1;
  }
}
