package dettato.activity.gap;

import dettato.table.Row;
import dettato.table.Table;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A sentence with a place for one word.
 *
 * @param before what stands before the place, {@code after} behind it
 * @param kind what the word is, finely: two words of one kind may stand in each other's place
 * @param also other kinds that could stand here too
 */
record Gap(String before, String word, String after, String kind, Set<String> also) {

  /** What stands in the sentence where the word is left out. */
  static final String PLACE = "____";

  Gap {
    also = Set.copyOf(also);
  }

  /** Ours, kept in {@code gaps.tsv}. */
  static List<Gap> shipped() {
    return Shipped.ALL;
  }

  private static final class Shipped {
    static final List<Gap> ALL = Table.load(Gap.class, "gaps.tsv", Gap::of);
  }

  private static Gap of(Row row) {
    String sentence = row.get("sentence");
    int from = sentence.indexOf('[');
    int to = sentence.indexOf(']');
    return new Gap(
        sentence.substring(0, from),
        sentence.substring(from + 1, to),
        sentence.substring(to + 1),
        row.get("kind"),
        Stream.of(row.get("also").split(" "))
            .filter(k -> !k.isEmpty())
            .collect(Collectors.toSet()));
  }

  String asked() {
    return before + PLACE + after;
  }

  String whole() {
    return before + word + after;
  }

  /** Whether the word of another could stand here. */
  boolean takes(Gap other) {
    return other.word.equals(word) || other.kind.equals(kind) || also.contains(other.kind);
  }
}
