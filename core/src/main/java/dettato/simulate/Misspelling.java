package dettato.simulate;

import dettato.rule.Opportunity;
import dettato.rule.Outcome;
import dettato.word.Segmentation;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/** Spells a word as a child with a habit, or with a slip, would. */
final class Misspelling {
  private static final Map<String, String> NEAR =
      Map.ofEntries(
          Map.entry("i", "e"),
          Map.entry("e", "i"),
          Map.entry("a", "u"),
          Map.entry("o", "u"),
          Map.entry("u", "o"),
          Map.entry("d", "t"),
          Map.entry("t", "d"),
          Map.entry("b", "d"),
          Map.entry("p", "b"),
          Map.entry("g", "c"),
          Map.entry("th", "f"),
          Map.entry("v", "f"),
          Map.entry("sh", "s"),
          Map.entry("ea", "ee"),
          Map.entry("ee", "ea"),
          Map.entry("ai", "a_e"),
          Map.entry("oa", "o_e"),
          Map.entry("m", "n"));

  private Misspelling() {}

  /** Whether it is known what a child who leaves the rule out writes here. */
  static boolean hasPlain(Opportunity place) {
    return !place.plain().isEmpty() || place.under().contains("");
  }

  /** The word with the rule failed at one place. */
  static Optional<String> by(Opportunity place, Outcome kind, Segmentation cut) {
    if (kind == Outcome.OVER) {
      return place.over().stream()
          .max(Comparator.comparingInt(String::length).thenComparing(g -> g))
          .flatMap(g -> over(cut, place.unit(), g));
    }
    return !hasPlain(place)
        ? Optional.empty()
        : Optional.of(cut.spelledWith(place.unit(), place.plain()));
  }

  /**
   * x and le spell the next sound too (x not inside a split digraph); an e is not written twice.
   */
  private static Optional<String> over(Segmentation cut, int unit, String grapheme) {
    String next = cut.isLast(unit) ? "" : cut.unit(unit + 1).grapheme().text();
    if (grapheme.equals("x") && next.equals("s") || grapheme.equals("le") && next.equals("l")) {
      String marked = cut.spelledWith(unit, grapheme + "|");
      int at = marked.indexOf('|');
      return marked.startsWith(next, at + 1)
          ? Optional.of(marked.substring(0, at) + marked.substring(at + 1 + next.length()))
          : Optional.empty();
    }
    boolean twice = grapheme.endsWith("e") && next.startsWith("e");
    String written = twice ? grapheme.substring(0, grapheme.length() - 1) : grapheme;
    return Optional.of(cut.spelledWith(unit, written));
  }

  /** The word with one slip: a near letter, a letter left out or two turned round. */
  static String slip(Segmentation cut, Random random) {
    List<String> ways = new ArrayList<>();
    for (int i = 0; i < cut.size(); i++) {
      String near = NEAR.get(cut.unit(i).grapheme().text());
      if (near != null) {
        ways.add(cut.spelledWith(i, near));
      }
      if (isInner(cut, i)) {
        ways.add(cut.spelledWith(i, ""));
      }
    }
    String word = cut.spelling();
    if (word.length() > 3) {
      int at = 1 + random.nextInt(word.length() - 2);
      ways.add(
          word.substring(0, at) + word.charAt(at + 1) + word.charAt(at) + word.substring(at + 2));
    }
    ways.removeIf(w -> w.equals(word) || w.isEmpty());
    return ways.isEmpty() ? word : ways.get(random.nextInt(ways.size()));
  }

  /** A consonant beside another, which is easily lost. */
  private static boolean isInner(Segmentation cut, int i) {
    return i > 0
        && i + 1 < cut.size()
        && !cut.unit(i).sound().isVowel()
        && !cut.unit(i + 1).sound().isVowel()
        && !cut.unit(i).grapheme().isSplit();
  }
}
