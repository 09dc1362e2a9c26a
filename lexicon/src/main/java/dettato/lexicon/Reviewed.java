package dettato.lexicon;

import dettato.table.Row;
import dettato.table.Table;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;

/**
 * The lists that were read by eye.
 *
 * @param folder where they lie
 */
record Reviewed(Path folder) {

  /** One column by another, from a table. */
  Map<String, String> pairs(String file, String key, String value) {
    Map<String, String> pairs = new HashMap<>();
    rows(file, row -> pairs.put(row.get(key), row.get(value)));
    return pairs;
  }

  /** Every row of a table. */
  <T> List<T> rows(String file, Function<Row, T> parse) {
    try (var reader = Files.newBufferedReader(folder.resolve(file))) {
      return Table.read(file, reader, parse);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The words of a plain list; lines that begin with # are notes. */
  Set<String> words(String file) {
    Set<String> words = new HashSet<>();
    for (String line : Sources.lines(folder.resolve(file), StandardCharsets.UTF_8)) {
      if (!line.startsWith("#")) {
        words.addAll(List.of(line.trim().split("\\s+")));
      }
    }
    words.remove("");
    return words;
  }
}
