package dettato.word;

import dettato.sound.Grapheme;
import dettato.sound.Sound;
import dettato.table.Table;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Reads a spelling aloud by rule, as a teacher reads a wrong spelling back to a child.
 * Deterministic: at each place the first row of {@code reading.tsv} that fits decides.
 *
 * <p>Source: ordered context rules as in Elovitz, Johnson, McHugh and Shore, "Letter-to-Sound Rules
 * for Automatic Translation of English Text to Phonetics", IEEE Trans. ASSP 24(6), 1976; the rows
 * are our own. Cost: O(letters × rows of two letters).
 */
public final class Reader {
  private static final List<ReadingRule> RULES =
      List.copyOf(Table.load(Reader.class, "reading.tsv", ReadingRule::of));
  private static final RuleIndex[][] BY_LETTERS = byLetters();
  private static final Map<String, RuleIndex> BY_GRAPHEME = byGrapheme();

  private Reader() {}

  /**
   * Cuts and reads a spelling of lower-case letters. Silent letters join the unit before them (or,
   * at the start, the one after); letters no row reads (apostrophes) are left out of the sounds.
   */
  public static List<Unit> read(String spelling) {
    return read(new LetterMasks(spelling));
  }

  /** The same of letters made ready. */
  public static List<Unit> read(LetterMasks word) {
    String spelling = word.spelling();
    List<Unit> units = new ArrayList<>();
    boolean[] taken = new boolean[word.length()];
    StringBuilder silent = new StringBuilder();
    int at = 0;
    while (at < word.length()) {
      ReadingRule rule = taken[at] ? null : first(word, at);
      if (rule == null || rule.sounds().isEmpty()) {
        int length = rule == null ? 1 : rule.headLength();
        if (!taken[at]) {
          attach(units, silent, spelling.substring(at, at + length));
        }
        at += length;
        continue;
      }
      int e = rule.silentE(at);
      if (e >= 0) {
        taken[e] = true;
      }
      units.add(silent.isEmpty() ? rule.read().orElseThrow() : after(silent, rule));
      at += rule.headLength();
    }
    return units;
  }

  /**
   * What a grapheme may say at a place of a spelling, likeliest first; empty when no row lets it
   * speak there.
   */
  public static List<Sound> sounds(LetterMasks word, int at, String grapheme) {
    RuleIndex rules = BY_GRAPHEME.get(grapheme);
    int first = rules == null ? -1 : rules.first(word, at);
    return rules == null || first < 0 ? List.of() : rules.get(first).sounds();
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

  /** A rule's unit with the silent letters before it, which are then used up. */
  private static Unit after(StringBuilder silent, ReadingRule rule) {
    Grapheme grapheme = new Grapheme(silent + rule.grapheme().text());
    silent.setLength(0);
    return new Unit(rule.sounds().get(0), grapheme, Unit.Stress.NONE, false);
  }

  private static void attach(List<Unit> units, StringBuilder silent, String letters) {
    if (units.isEmpty() || units.get(units.size() - 1).grapheme().isSplit()) {
      silent.append(letters);
    } else {
      Unit last = units.remove(units.size() - 1);
      units.add(
          new Unit(
              last.sound(),
              new Grapheme(last.grapheme().text() + letters),
              Unit.Stress.NONE,
              false));
    }
  }

  private static @org.jspecify.annotations.Nullable ReadingRule first(LetterMasks word, int at) {
    int letter = word.kind(at);
    if (letter >= 26) {
      return null;
    }
    RuleIndex rules = BY_LETTERS[letter][word.kind(at + 1)];
    int first = rules.first(word, at);
    return first < 0 ? null : rules.get(first);
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
