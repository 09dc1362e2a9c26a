package dettato.notation;

import dettato.table.Table;
import dettato.word.Unit;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * Letters of a grapheme that say nothing themselves, from {@code silent-letters.tsv}: the k of kn,
 * the e of ve. In ai or sh neither letter is silent, since together they say one sound.
 */
final class SilentLetters {
  private static final Map<String, List<Integer>> BY_GRAPHEME =
      Table.load(
              SilentLetters.class,
              "silent-letters.tsv",
              row ->
                  Map.entry(
                      row.get("grapheme") + ":" + row.get("sound"), places(row.get("silent"))))
          .stream()
          .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));

  private SilentLetters() {}

  private static List<Integer> places(String digits) {
    return digits.chars().mapToObj(Character::getNumericValue).toList();
  }

  /** Places in the grapheme's letters; empty when all speak. */
  static List<Integer> of(Unit unit) {
    return BY_GRAPHEME.getOrDefault(unit.grapheme().text() + ":" + unit.sound().id(), List.of());
  }
}
