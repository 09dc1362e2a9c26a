package dettato.table;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/**
 * A tab-separated table in UTF-8: a heading row, then one row a line; lines that start with # and
 * empty lines are comments.
 */
public final class Table {
  private Table() {}

  /**
   * Reads the table that stands beside a class and turns each row into a value.
   *
   * @throws IllegalArgumentException with file, line and reason when a row cannot be a value
   */
  public static <T> List<T> load(Class<?> beside, String name, Function<Row, T> parse) {
    try (InputStream in = beside.getResourceAsStream(name)) {
      if (in == null) {
        throw new IllegalArgumentException(
            "no table '"
                + name
                + "' beside "
                + beside.getName()
                + ". Maybe the build left it out?");
      }
      return read(name, new InputStreamReader(in, StandardCharsets.UTF_8), parse);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The headings of a table, in order. */
  public static List<String> headings(Class<?> beside, String name) {
    List<List<String>> found = new ArrayList<>();
    load(beside, name, row -> found.add(row.headings()));
    return found.isEmpty() ? List.of() : found.get(0);
  }

  /** Reads a table from any reader; {@code name} is used in messages. */
  public static <T> List<T> read(String name, java.io.Reader from, Function<Row, T> parse)
      throws IOException {
    BufferedReader lines = new BufferedReader(from, 1 << 16);
    List<T> values = new ArrayList<>();
    Map<String, Integer> columns = new HashMap<>();
    int number = 0;
    for (String line = lines.readLine(); line != null; line = lines.readLine()) {
      number++;
      if (line.isEmpty() || line.startsWith("#")) {
        continue;
      }
      String[] cells = cells(line, columns.size());
      if (columns.isEmpty()) {
        for (int i = 0; i < cells.length; i++) {
          columns.put(cells[i], i);
        }
      } else {
        values.add(parsed(new Row(name, number, columns, cells), parse));
      }
    }
    return values;
  }

  /** Cuts a line at its tabs; {@code expected} cells, when known, save a second look. */
  private static String[] cells(String line, int expected) {
    if (expected == 0) {
      return line.split("\t", -1);
    }
    String[] cells = new String[expected];
    int from = 0;
    for (int i = 0; i < expected; i++) {
      int tab = line.indexOf('\t', from);
      cells[i] = tab < 0 ? line.substring(from) : line.substring(from, tab);
      if (tab < 0) {
        return java.util.Arrays.copyOf(cells, i + 1);
      }
      from = tab + 1;
    }
    return cells;
  }

  private static <T> T parsed(Row row, Function<Row, T> parse) {
    try {
      return parse.apply(row);
    } catch (IllegalArgumentException e) {
      String reason = String.valueOf(e.getMessage());
      throw reason.startsWith(row.place()) ? e : row.wrong(reason);
    }
  }
}
