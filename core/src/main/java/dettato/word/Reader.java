package dettato.word;

import dettato.sound.Grapheme;
import dettato.sound.Sound;
import dettato.table.Table;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
  private static final ReadingRule[][][] BY_LETTERS = byLetters();
  private static final Map<String, GraphemeRules> BY_GRAPHEME = byGrapheme();

  private Reader() {}

  /**
   * Cuts and reads a spelling of lower-case letters. Silent letters join the unit before them (or,
   * at the start, the one after); letters no row reads (apostrophes) are left out of the sounds.
   */
  public static List<Unit> read(String spelling) {
    char[] word = spelling.toCharArray();
    List<Unit> units = new ArrayList<>();
    boolean[] taken = new boolean[word.length];
    StringBuilder silent = new StringBuilder();
    int at = 0;
    while (at < word.length) {
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
  public static List<Sound> sounds(char[] word, int at, String grapheme) {
    GraphemeRules rules = BY_GRAPHEME.get(grapheme);
    int first = rules == null || !stands(word, at, grapheme) ? -1 : rules.first(word, at);
    return rules == null || first < 0 ? List.of() : rules.all().get(first).sounds();
  }

  private static boolean stands(char[] word, int at, String grapheme) {
    int gap = grapheme.indexOf('_');
    int length = gap < 0 ? grapheme.length() : gap;
    for (int i = 0; i < length; i++) {
      if (at + i >= word.length || word[at + i] != grapheme.charAt(i)) {
        return false;
      }
    }
    return true;
  }

  static Optional<GraphemeRules> rulesOf(String grapheme) {
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

  private static @org.jspecify.annotations.Nullable ReadingRule first(char[] word, int at) {
    int letter = word[at] - 'a';
    if (letter < 0 || letter >= 26) {
      return null;
    }
    for (ReadingRule rule : BY_LETTERS[letter][LetterPattern.kind(word, at + 1)]) {
      if (rule.fits(word, at)) {
        return rule;
      }
    }
    return null;
  }

  /** The rules that may fit, in order, by a letter and the kind of the next. */
  private static ReadingRule[][][] byLetters() {
    ReadingRule[][][] rules = new ReadingRule[26][LetterPattern.KINDS][];
    for (int letter = 0; letter < 26; letter++) {
      for (int kind = 0; kind < LetterPattern.KINDS; kind++) {
        char first = (char) ('a' + letter);
        int next = kind;
        rules[letter][kind] =
            RULES.stream()
                .filter(r -> r.head().charAt(0) == first && r.mayStandBefore(next))
                .toArray(ReadingRule[]::new);
      }
    }
    return rules;
  }

  private static Map<String, GraphemeRules> byGrapheme() {
    Map<String, List<ReadingRule>> map = new HashMap<>();
    RULES.forEach(r -> map.computeIfAbsent(r.grapheme().text(), g -> new ArrayList<>()).add(r));
    return map.entrySet().stream()
        .collect(Collectors.toMap(Map.Entry::getKey, e -> new GraphemeRules(e.getValue())));
  }
}
