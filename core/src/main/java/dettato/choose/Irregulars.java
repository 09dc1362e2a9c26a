package dettato.choose;

import dettato.focus.Focus;
import dettato.rule.Opportunity;
import dettato.rule.RuleBook;
import dettato.word.Segmentation;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * Common words to be known by heart: those with a part that is irregular for what is taught by now,
 * the rest being taught. Words that share a pattern (could, would) stand together; letters that are
 * shared but sound otherwise (come, home) are told.
 */
public final class Irregulars implements Tasks {
  /** So many of the commonest words are met before their parts are taught. */
  private static final int EARLY = 600;

  private static final int COMMON = 3_000;
  private static final int PARTS = 2;
  private static final int MORE = 5;

  private final List<Hard> common;

  /**
   * @param proposed words that may be proposed, commonest first
   */
  public Irregulars(List<Word> proposed) {
    this.common =
        proposed.stream()
            .filter(w -> w.rank() <= COMMON && w.cut().size() > 1)
            .map(Irregulars::byRule)
            .toList();
  }

  /**
   * A word and its parts that are irregular by now.
   *
   * @param due what a rule would have at a unit that breaks it
   */
  private record Hard(Word word, Set<Integer> units, Map<Integer, String> due) {
    String pattern() {
      return units.stream()
          .map(u -> word.cut().unit(u))
          .map(u -> u.grapheme().text() + ":" + u.sound().id())
          .collect(Collectors.joining(" "));
    }
  }

  @Override
  public List<Task> make(Wanted wanted, Material material) {
    List<Hard> hard =
        common.stream()
            .filter(h -> !wanted.without().contains(h.word.spelling()))
            .map(h -> byNow(h, material))
            .filter(h -> !h.units.isEmpty() && h.units.size() <= PARTS)
            .filter(h -> isAsked(h, wanted.focus(), material))
            .toList();
    List<Hard> some =
        TaughtWords.drawn(
            hard.subList(0, Math.min(hard.size(), wanted.count() * MORE)),
            wanted.count(),
            wanted.seed());
    return together(some).stream().map(h -> task(h, some, material)).toList();
  }

  /** An irregular word needs no more; a sound or a rule must be what is irregular. */
  private static boolean isAsked(Hard hard, Optional<Focus> focus, Material material) {
    return focus.isEmpty()
        || focus
            .get()
            .read(
                new Focus.Cases<Boolean>() {
                  @Override
                  public Boolean rule(String id) {
                    return RuleBook.exceptions(hard.word).stream()
                        .anyMatch(o -> o.rule().equals(id));
                  }

                  @Override
                  public Boolean rivals(String sound, List<String> graphemes) {
                    return hard.units.stream()
                        .anyMatch(u -> hard.word.cut().ipa(u, material.accent()).equals(sound));
                  }

                  @Override
                  public Boolean irregular() {
                    return true;
                  }
                });
  }

  private static Hard byRule(Word word) {
    Map<Integer, String> due = new LinkedHashMap<>();
    for (Opportunity broken : RuleBook.exceptions(word)) {
      if (!RuleBook.of(broken.rule()).isWeak()) {
        due.put(broken.unit(), broken.due().stream().sorted().findFirst().orElseThrow());
      }
    }
    return new Hard(word, RuleBook.irregular(word), due);
  }

  /** The same with units that are not taught yet, in words met early; none where others are. */
  private static Hard byNow(Hard hard, Material material) {
    Set<Integer> units = new TreeSet<>(hard.units);
    boolean untaught = false;
    for (int u = 0; u < hard.word.cut().size(); u++) {
      Unit unit = hard.word.cut().unit(u);
      boolean taught = material.sequence().isTaught(unit, material.step(), material.accent());
      untaught |= !taught && units.add(u);
    }
    return new Hard(hard.word, untaught && hard.word.rank() > EARLY ? Set.of() : units, hard.due);
  }

  /** Those of one pattern one after the other, in the order in which patterns are met. */
  private static List<Hard> together(List<Hard> some) {
    Map<String, List<Hard>> byPattern = new LinkedHashMap<>();
    some.forEach(h -> byPattern.computeIfAbsent(h.pattern(), p -> new ArrayList<>()).add(h));
    return byPattern.values().stream()
        .sorted(Comparator.comparingInt(g -> -g.size()))
        .flatMap(List::stream)
        .toList();
  }

  private static Task task(Hard hard, List<Hard> all, Material material) {
    Word word = hard.word;
    String parts =
        hard.units.stream()
            .map(u -> part(word.cut(), u, material) + ruled(hard, u))
            .collect(Collectors.joining(", "));
    String like =
        all.stream()
            .filter(h -> h != hard && h.pattern().equals(hard.pattern()))
            .map(h -> h.word.spelling())
            .collect(Collectors.joining(", "));
    String why =
        parts
            + (like.isEmpty() ? "" : "; like " + like)
            + unlike(hard, all, material).map(u -> "; but " + u).orElse("");
    return Task.open(word.spelling(), word.withClue(), List.of(word.spelling()), why);
  }

  private static String ruled(Hard hard, int unit) {
    return Optional.ofNullable(hard.due.get(unit))
        .map(d -> " where by rule " + d.replace('_', '-') + " is due")
        .orElse("");
  }

  private static String part(Segmentation cut, int unit, Material material) {
    return "%s says /%s/"
        .formatted(
            cut.unit(unit).grapheme().text().replace('_', '-'), cut.ipa(unit, material.accent()));
  }

  /** A word of the set whose same letters say something else. */
  private static Optional<String> unlike(Hard hard, List<Hard> all, Material material) {
    for (int u : hard.units) {
      Unit unit = hard.word.cut().unit(u);
      for (Hard other : all) {
        boolean alike = other.pattern().equals(hard.pattern());
        for (int o = 0; o < other.word.cut().size(); o++) {
          Unit its = other.word.cut().unit(o);
          if (!alike
              && its.grapheme().text().length() > 1
              && its.grapheme().equals(unit.grapheme())
              && !material.accent().alike(its.sound(), unit.sound())) {
            return Optional.of(
                "in %s %s".formatted(other.word.spelling(), part(other.word.cut(), o, material)));
          }
        }
      }
    }
    return Optional.empty();
  }
}
