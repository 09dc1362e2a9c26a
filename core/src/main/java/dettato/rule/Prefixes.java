package dettato.rule;

import dettato.reading.Guess;
import dettato.table.Row;
import dettato.table.Table;
import dettato.word.Word;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * Which words are made with a prefix: a reviewed list, since uncle, misty and reach only look so.
 */
final class Prefixes {
  private static final Map<String, String> KNOWN =
      Table.load(Prefixes.class, "prefixes.tsv", Prefixes::entry).stream()
          .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, Map.Entry::getValue));

  private Prefixes() {}

  /** The word's prefix, or its base's; "" when it has none. */
  static String of(Word word) {
    String own = KNOWN.getOrDefault(word.spelling(), "");
    if (!own.isEmpty()) {
      return own;
    }
    String base = word.join().map(j -> KNOWN.getOrDefault(j.base(), "")).orElse("");
    return base.isEmpty() ? Guess.prefix(word) : base;
  }

  private static Map.Entry<String, String> entry(Row row) {
    String word = row.get("word");
    String prefix = row.get("prefix");
    if (!word.startsWith(prefix)) {
      throw new IllegalArgumentException("'" + word + "' does not start with " + prefix);
    }
    return Map.entry(word, prefix);
  }
}
