package dettato.word;

import dettato.table.Row;
import dettato.table.Table;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** First names of many origins, from {@code names.tsv}: known when written, never proposed. */
final class Names {
  private static final Map<String, Word> ALL =
      Table.load(Names.class, "names.tsv", Names::name).stream()
          .collect(Collectors.toUnmodifiableMap(Word::letters, w -> w));

  private Names() {}

  static Optional<Word> find(String spelling) {
    return Optional.ofNullable(ALL.get(spelling.toLowerCase(Locale.ROOT)));
  }

  private static Word name(Row row) {
    return Word.name(Segmentation.parse(row.get("spelling"), row.get("units")));
  }

  /** Every name, for tests. */
  static Set<String> all() {
    return ALL.keySet();
  }
}
