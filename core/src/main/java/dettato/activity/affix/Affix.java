package dettato.activity.affix;

import dettato.table.Row;
import dettato.table.Table;
import java.util.List;

/**
 * A word made with a prefix or suffix whose meaning is the sum of its parts.
 *
 * @param affix as -less or un-
 * @param means what it says of the base
 */
record Affix(String word, String affix, String base, String means) {

  /** Ours, kept in {@code affixes.tsv}. */
  static List<Affix> shipped() {
    return Shipped.ALL;
  }

  private static final class Shipped {
    static final List<Affix> ALL = Table.load(Affix.class, "affixes.tsv", Affix::of);
  }

  private static Affix of(Row row) {
    return new Affix(row.get("word"), row.get("affix"), row.get("base"), row.get("means"));
  }

  /** What kind of word the base is, and what the affix does to it. */
  String says() {
    return switch (affix) {
      case "-less" -> "-less means without; %s is a thing".formatted(base);
      case "-ful" ->
          means.startsWith("as much")
              ? "-ful means as much as fills it, with one l; a %s holds something".formatted(base)
              : "-ful means full of, with one l; %s is a thing".formatted(base);
      case "re-" -> "re- means again; to %s is to do something".formatted(base);
      default ->
          means.startsWith("not ")
              ? "un- means not; %s says what something is like".formatted(base)
              : "un- undoes it; to %s is to do something".formatted(base);
    };
  }
}
