package dettato.notation;

import dettato.table.Table;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * How far letters of the word face go, in thousandths of its size, from {@code letter-widths.tsv};
 * with them marks are placed alike on screen and paper.
 */
final class LetterWidths {
  private static final Map<String, Integer> BY_LETTER =
      Table.load(
              LetterWidths.class,
              "letter-widths.tsv",
              row -> Map.entry(row.get("letter"), row.number("width")))
          .stream()
          .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));

  private static final int OTHER = 600;

  private LetterWidths() {}

  static int of(char letter) {
    return BY_LETTER.getOrDefault(letter == ' ' ? "space" : String.valueOf(letter), OTHER);
  }

  static int of(String text) {
    return text.chars().map(c -> of((char) c)).sum();
  }
}
