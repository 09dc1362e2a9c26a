package dettato.rule;

import dettato.table.Row;
import dettato.table.Table;
import dettato.word.Word;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Words that break a rule at an irregular join, which their cut does not show: truly, paid, always.
 * A reviewed list.
 */
final class KnownExceptions {
  private static final Map<String, Set<String>> BY_CONDITION = load();

  private KnownExceptions() {}

  private record Listed(String condition, List<String> words) {
    static Listed of(Row row) {
      return new Listed(row.get("condition"), List.of(row.get("words").split(" ")));
    }
  }

  private static Map<String, Set<String>> load() {
    Map<String, Set<String>> all = new HashMap<>();
    Table.load(KnownExceptions.class, "exceptions.tsv", Listed::of)
        .forEach(l -> all.put(l.condition, Set.copyOf(l.words)));
    return Map.copyOf(all);
  }

  /** Whether a word is a listed exception to a condition. */
  static boolean has(Condition condition, Word word) {
    return BY_CONDITION.getOrDefault(condition.id(), Set.of()).contains(word.spelling());
  }

  /** Whether a word is a listed exception to any condition of a rule. */
  static boolean has(SpellingRule rule, Word word) {
    return rule.conditions().stream().anyMatch(c -> has(c, word));
  }
}
