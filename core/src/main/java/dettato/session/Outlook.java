package dettato.session;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What the papers of one session say, in three lines at most, and the next step: the ground that
 * most children fail on, the word that most of them miss, and who has sounds missing. Counts, and
 * no judgement of a child; one paper of one day shows no pattern, and the lines do not say so.
 */
public final class Outlook {
  /** Failing once is a slip; a ground on which nobody fails twice and no two fail is left out. */
  private static final int FEWEST = 2;

  /** Words with sounds missing or changed, before a child is named for it. */
  private static final int SOUNDS_OFF = 3;

  /** Whoever is more than one in so many of the class is taught with all. */
  private static final int OF_THE_CLASS = 3;

  private static final int NAMED = 5;

  private Outlook() {}

  /** What a child did on one ground of a rule. */
  public record OnGround(
      String child, long childId, String rule, String condition, int failed, int tested) {}

  /**
   * A word that was asked.
   *
   * @param wrong spellings that are not right, one for each child that wrote it so
   */
  public record AskedWord(String word, int papers, List<String> wrong) {
    public AskedWord {
      wrong = List.copyOf(wrong);
    }
  }

  /** How many words of a child have a sound that is missing, added or taken for another. */
  public record SoundsOff(String child, int words) {}

  /** What a line is about. */
  public enum About {
    RULE,
    WORD,
    SOUNDS,
    WELL
  }

  /**
   * @param says counts and names
   * @param who so many of so many, where it is about a condition; else ""
   * @param names of those, where it is about a condition; else ""
   * @param condition that it is about, "" for none
   */
  public record Line(About about, String says, String who, String names, String condition) {
    Line(About about, String says) {
      this(about, says, "", "", "");
    }
  }

  /**
   * What to teach next.
   *
   * @param condition the ground it is about
   * @param children ids of those who need it; empty for the whole class
   */
  public record Next(String rule, String condition, List<Long> children) {
    public Next {
      children = List.copyOf(children);
    }
  }

  public record Said(List<Line> lines, Optional<Next> next) {
    public Said {
      lines = List.copyOf(lines);
    }
  }

  private record Failed(String rule, String condition, List<OnGround> by) {
    int times() {
      return by.stream().mapToInt(OnGround::failed).sum();
    }

    boolean tells() {
      return by.size() >= FEWEST || times() >= FEWEST;
    }
  }

  /**
   * @param papers on which something stands
   */
  public static Said of(
      int papers,
      Collection<OnGround> grounds,
      Collection<AskedWord> words,
      Collection<SoundsOff> sounds) {
    if (papers == 0) {
      return new Said(List.of(), Optional.empty());
    }
    Optional<Failed> most = mostFailed(grounds);
    List<Line> lines = new ArrayList<>();
    most.ifPresent(f -> lines.add(rule(f, tested(f.condition, grounds))));
    hardest(words).ifPresent(lines::add);
    sounds(sounds).ifPresent(lines::add);
    if (lines.isEmpty()) {
      lines.add(well(papers, words));
    }
    return new Said(lines, most.map(f -> next(f, papers)));
  }

  private static Optional<Failed> mostFailed(Collection<OnGround> grounds) {
    return grounds.stream()
        .filter(g -> g.failed > 0)
        .collect(Collectors.groupingBy(OnGround::condition, TreeMap::new, Collectors.toList()))
        .entrySet()
        .stream()
        .map(e -> new Failed(e.getValue().get(0).rule, e.getKey(), e.getValue()))
        .filter(Failed::tells)
        .max(Comparator.<Failed>comparingInt(f -> f.by.size()).thenComparingInt(Failed::times));
  }

  private static long tested(String condition, Collection<OnGround> grounds) {
    return grounds.stream()
        .filter(g -> g.condition.equals(condition) && g.tested > 0)
        .map(OnGround::childId)
        .distinct()
        .count();
  }

  private static Line rule(Failed failed, long of) {
    String who = failed.by.size() + " of " + of;
    String names = names(failed.by.stream().map(OnGround::child));
    return new Line(About.RULE, who + ": " + names, who, names, failed.condition);
  }

  private static Optional<Line> hardest(Collection<AskedWord> words) {
    return words.stream()
        .filter(w -> w.wrong.size() >= FEWEST)
        .max(Comparator.comparingInt(w -> w.wrong.size()))
        .map(
            w ->
                new Line(
                    About.WORD,
                    "%s is off on %d of %d papers%s"
                        .formatted(w.word, w.wrong.size(), w.papers, commonest(w.wrong))));
  }

  private static String commonest(List<String> wrong) {
    return wrong.stream()
        .collect(Collectors.groupingBy(x -> x, TreeMap::new, Collectors.counting()))
        .entrySet()
        .stream()
        .filter(e -> e.getValue() >= FEWEST)
        .max(Map.Entry.comparingByValue())
        .map(e -> ", %s on %d".formatted(e.getKey(), e.getValue()))
        .orElse("");
  }

  private static Optional<Line> sounds(Collection<SoundsOff> sounds) {
    List<SoundsOff> some =
        sounds.stream()
            .filter(s -> s.words >= SOUNDS_OFF)
            .sorted(Comparator.comparingInt(SoundsOff::words).reversed())
            .toList();
    return some.isEmpty()
        ? Optional.empty()
        : Optional.of(
            new Line(
                About.SOUNDS,
                "%s: a sound is missing or changed in %d words or more"
                    .formatted(names(some.stream().map(SoundsOff::child)), SOUNDS_OFF)));
  }

  private static Line well(int papers, Collection<AskedWord> words) {
    int asked = words.stream().mapToInt(AskedWord::papers).sum();
    int wrong = words.stream().mapToInt(w -> w.wrong.size()).sum();
    return new Line(
        About.WELL,
        "%d of %d words are right on %d papers".formatted(asked - wrong, asked, papers));
  }

  private static Next next(Failed failed, int papers) {
    boolean all = failed.by.size() * OF_THE_CLASS > papers;
    return new Next(
        failed.rule,
        failed.condition,
        all ? List.of() : failed.by.stream().map(OnGround::childId).toList());
  }

  /** Some names, and how many more there are. */
  private static String names(Stream<String> children) {
    List<String> all = children.toList();
    String some = String.join(", ", all.subList(0, Math.min(NAMED, all.size())));
    return all.size() > NAMED ? some + " and " + (all.size() - NAMED) + " more" : some;
  }
}
