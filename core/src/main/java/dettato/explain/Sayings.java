package dettato.explain;

import dettato.table.Table;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** Every sentence that explains, from {@code sayings.tsv}. */
final class Sayings {
  private static final Map<String, Saying> ALL =
      Table.load(
              Sayings.class,
              "sayings.tsv",
              row -> Map.entry(row.get("key"), new Saying(row.get("says"), row.get("child"))))
          .stream()
          .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, Map.Entry::getValue));

  private Sayings() {}

  /**
   * One row, with names in braces for what differs from word to word.
   *
   * @param child "" where the condition of a rule says it to a child
   */
  record Saying(String says, String child) {}

  /** Every sentence for a teacher, with its names in braces. */
  static List<String> all() {
    return ALL.values().stream().map(Saying::says).toList();
  }

  /** Whether there is a sentence of this name. */
  static boolean has(String key) {
    return ALL.containsKey(key);
  }

  /**
   * The sentence of this name.
   *
   * @throws IllegalArgumentException when the table has none
   */
  static Saying of(String key) {
    Saying saying = ALL.get(key);
    if (saying == null) {
      throw new IllegalArgumentException("sayings.tsv has no row for " + key);
    }
    return saying;
  }
}
