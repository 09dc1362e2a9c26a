package dettato.table;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.StringReader;
import java.util.List;
import java.util.function.Function;
import org.junit.jupiter.api.Test;

class TableTest {
  @Test
  void readsRowsByHeadingAndPassesOverCommentsAndEmptyLines() throws IOException {
    String text = "# made up\nword\tcount\n\ncat\t3\n# between\ndog\t4\n";
    assertEquals(List.of("cat3", "dog4"), read(text, row -> row.get("word") + row.number("count")));
  }

  @Test
  void aCellAfterTheEndOfItsRowIsEmpty() throws IOException {
    assertEquals(List.of(""), read("word\tcount\ncat\n", row -> row.get("count")));
  }

  @Test
  void namesFileLineAndReasonWhenANumberIsNone() {
    assertEquals(
        "made-up.tsv:3: 'three' under count is not a whole number",
        failure("word\tcount\ncat\t3\ndog\tthree\n", row -> row.number("count")));
  }

  @Test
  void namesFileAndLineWhenTheValueRefusesTheRow() {
    assertEquals(
        "made-up.tsv:2: no such word",
        failure(
            "word\ncat\n",
            row -> {
              throw new IllegalArgumentException("no such word");
            }));
  }

  @Test
  void namesAColumnThatIsNotThere() {
    assertEquals(
        "made-up.tsv:2: the table has no column 'sound'",
        failure("word\ncat\n", row -> row.get("sound")));
  }

  @Test
  void saysWhichTableIsMissing() {
    IllegalArgumentException e =
        assertThrows(
            IllegalArgumentException.class, () -> Table.load(TableTest.class, "gone.tsv", r -> r));
    assertTrue(
        e.getMessage().startsWith("no table 'gone.tsv' beside " + TableTest.class.getName()));
  }

  private static <T> List<T> read(String text, Function<Row, T> parse) throws IOException {
    return Table.read("made-up.tsv", new StringReader(text), parse);
  }

  private static String failure(String text, Function<Row, Object> parse) {
    return String.valueOf(
        assertThrows(IllegalArgumentException.class, () -> read(text, parse)).getMessage());
  }
}
