package dettato.reading;

import dettato.sound.Sound;
import dettato.table.Table;
import dettato.word.Segmentation;
import dettato.word.Unit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What the conventions of English let letters say where they stand: at each place the first row of
 * {@code reading.tsv} that fits decides. A teacher calls a spelling right or wrong to the ear by
 * these (robed has a long vowel, whatever the commonest word in -obed does), so marks go by them;
 * how a spelling is read aloud is for {@link Reader}, to which they are one witness.
 *
 * <p>Source: ordered context rules as in Elovitz, Johnson, McHugh and Shore, "Letter-to-Sound Rules
 * for Automatic Translation of English Text to Phonetics", IEEE Trans. ASSP 24(6), 1976; the rows
 * are our own. Cost: O(rows of two letters).
 */
public final class ReadingRules {
  private static final List<ReadingRule> RULES =
      List.copyOf(Table.load(ReadingRules.class, "reading.tsv", ReadingRule::of));
  private static final RuleIndex[][] BY_LETTERS = byLetters();
  private static final Map<String, RuleIndex> BY_GRAPHEME = byGrapheme();

  private ReadingRules() {}

  /**
   * What a grapheme may say at a place of a spelling, likeliest first; empty when no row lets it
   * speak there.
   */
  public static List<Sound> sounds(LetterMasks word, int at, String grapheme) {
    RuleIndex rules = BY_GRAPHEME.get(grapheme);
    int first = rules == null ? -1 : rules.first(word, at);
    return rules == null || first < 0 ? List.of() : rules.get(first).sounds();
  }

  /**
   * A spelling as the first rows alone would have it, many times faster than {@link Reader}: for
   * long lists of words. Silent letters join the unit before them (or, at the start, the one
   * after).
   */
  public static List<Unit> read(LetterMasks word) {
    List<Unit> units = new ArrayList<>();
    boolean[] taken = new boolean[word.length()];
    String silent = "";
    int at = 0;
    while (at < word.length()) {
      ReadingRule rule = taken[at] ? null : at(word, at);
      int length = rule == null ? 1 : rule.headLength();
      Unit read = rule == null ? null : rule.read().orElse(null);
      if (rule != null && read != null) {
        if (rule.silentE(at) >= 0) {
          taken[rule.silentE(at)] = true;
        }
        units.add(silent.isEmpty() ? read : read.spelled(silent + read.grapheme().text()));
        silent = "";
      } else if (!taken[at]) {
        silent = silent(units, silent + word.spelling().substring(at, at + length));
      }
      at += length;
    }
    return units;
  }

  /** Puts silent letters to the unit before, and returns those that found none. */
  private static String silent(List<Unit> units, String letters) {
    Unit last = units.isEmpty() ? null : units.get(units.size() - 1);
    if (last == null || last.grapheme().isSplit()) {
      return letters;
    }
    units.set(units.size() - 1, last.spelled(last.grapheme().text() + letters));
    return "";
  }

  /** A reading with what the conventions do not allow said as they would have it. */
  static Segmentation lawful(LetterMasks word, Segmentation reading) {
    List<Unit> lawful = new ArrayList<>(reading.size());
    for (int i = 0; i < reading.size(); i++) {
      Unit unit = reading.unit(i);
      List<Sound> allowed = sounds(word, reading.start(i), unit.grapheme().text());
      boolean said = allowed.isEmpty() || allowed.contains(unit.sound());
      lawful.add(said ? unit : unit.withSound(allowed.get(0)));
    }
    return reading.units().equals(lawful) ? reading : Segmentation.of(word.spelling(), lawful);
  }

  /** How the letters from a place on are read; null when no row fits. */
  static @Nullable ReadingRule at(LetterMasks word, int at) {
    int letter = word.kind(at);
    RuleIndex rules = letter < 26 ? BY_LETTERS[letter][word.kind(at + 1)] : null;
    int first = rules == null ? -1 : rules.first(word, at);
    return rules == null || first < 0 ? null : rules.get(first);
  }

  static Optional<RuleIndex> rulesOf(String grapheme) {
    return Optional.ofNullable(BY_GRAPHEME.get(grapheme));
  }

  /** Whether a grapheme speaks only in some surroundings, by the table. */
  public static boolean needsContext(String grapheme) {
    return rulesOf(grapheme).stream()
        .flatMap(rules -> rules.all().stream())
        .noneMatch(r -> r.before().isEmpty() && r.after().isEmpty());
  }

  /** Every grapheme that a rule reads. */
  public static Set<String> graphemes() {
    return BY_GRAPHEME.keySet();
  }

  /** The rules that may fit, by a letter and the kind of the next. */
  private static RuleIndex[][] byLetters() {
    RuleIndex[][] rules = new RuleIndex[26][LetterPattern.KINDS];
    for (int letter = 0; letter < 26; letter++) {
      for (int kind = 0; kind < LetterPattern.KINDS; kind++) {
        int first = letter;
        int next = kind;
        rules[letter][kind] =
            new RuleIndex(
                RULES.stream().filter(r -> r.mayFit(0, first) && r.mayFit(1, next)).toList(),
                -1,
                2);
      }
    }
    return rules;
  }

  private static Map<String, RuleIndex> byGrapheme() {
    Map<String, List<ReadingRule>> map = new HashMap<>();
    RULES.forEach(r -> map.computeIfAbsent(r.grapheme().text(), g -> new ArrayList<>()).add(r));
    return map.entrySet().stream()
        .collect(Collectors.toMap(Map.Entry::getKey, e -> indexed(e.getValue())));
  }

  private static RuleIndex indexed(List<ReadingRule> rules) {
    int length = rules.get(0).headLength();
    return new RuleIndex(rules, -1, length, length + 1);
  }
}
