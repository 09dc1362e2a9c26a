package dettato.table;

import java.util.List;
import java.util.Map;

/** One row of a table: cells by column name, and where the row stands, for messages. */
public final class Row {
  private final String file;
  private final int line;
  private final Map<String, Integer> columns;
  private final String[] cells;

  Row(String file, int line, Map<String, Integer> columns, String[] cells) {
    this.file = file;
    this.line = line;
    this.columns = columns;
    this.cells = cells;
  }

  /**
   * The cell under this heading, "" when the row ends before it.
   *
   * @throws IllegalArgumentException when the table has no such column
   */
  public String get(String column) {
    Integer at = columns.get(column);
    if (at == null) {
      throw wrong("the table has no column '" + column + "'");
    }
    return at < cells.length ? cells[at] : "";
  }

  /** A whole number under this heading. */
  public int number(String column) {
    try {
      return Integer.parseInt(get(column));
    } catch (NumberFormatException e) {
      throw wrong("'" + get(column) + "' under " + column + " is not a whole number");
    }
  }

  /** An error that names file and line. */
  public IllegalArgumentException wrong(String reason) {
    return new IllegalArgumentException(place() + reason);
  }

  String place() {
    return file + ":" + line + ": ";
  }

  List<String> headings() {
    return columns.entrySet().stream()
        .sorted(Map.Entry.comparingByValue())
        .map(Map.Entry::getKey)
        .toList();
  }
}
