package dettato.choose;

import dettato.focus.Focus;
import dettato.plan.OddParts;
import dettato.rule.RuleBook;
import dettato.word.Join;
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
import java.util.stream.Collectors;

/**
 * Words to be known by heart, common for the step: those that are taught and have a {@link OddParts
 * part} whose spelling is not among those that the class knows for its sound. Words that share a
 * pattern (could, would) stand together; letters that are shared but sound otherwise (come, home)
 * are told.
 */
public final class Irregulars implements Tasks {
  /** A common word is among so many at step 1, and among so many more at each step. */
  private static final int COMMON = 100;

  private static final int MORE_COMMON = 20;
  private static final int PARTS = 2;
  private static final int MORE = 5;

  private final List<Word> known;

  /**
   * @param proposed words that may be proposed, commonest first
   */
  public Irregulars(List<Word> proposed) {
    this.known = proposed.stream().filter(w -> w.cut().size() > 1).toList();
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
    int common = COMMON + MORE_COMMON * material.step();
    List<Hard> hard =
        known.stream()
            .filter(w -> w.rank() <= common && !wanted.without().contains(w.spelling()))
            .filter(w -> !isInflected(w) && TaughtWords.isTaught(w, material))
            .map(w -> hard(w, material))
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

  /** A base is learnt, not its plain forms (come, not comes). */
  private static boolean isInflected(Word word) {
    return word.join().filter(j -> j.change() == Join.Change.NONE).isPresent();
  }

  private static Hard hard(Word word, Material material) {
    Map<Integer, Optional<String>> odd =
        OddParts.of(word, material.sequence(), material.step(), material.accent());
    Map<Integer, String> due = new LinkedHashMap<>();
    odd.forEach((unit, instead) -> instead.ifPresent(d -> due.put(unit, d)));
    return new Hard(word, odd.keySet(), due);
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
