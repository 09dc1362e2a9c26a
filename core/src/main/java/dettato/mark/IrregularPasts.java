package dettato.mark;

import dettato.table.Table;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** Pasts that change inside (told), and what a child makes of them by rule (telled). */
final class IrregularPasts {
  private static final Map<String, String> BASES =
      Table.load(
              IrregularPasts.class,
              "irregular-pasts.tsv",
              row -> Map.entry(row.get("past"), row.get("base")))
          .stream()
          .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, Map.Entry::getValue));

  private IrregularPasts() {}

  /** The base, when what was written is it with -ed, joined in whatever way; "" otherwise. */
  static String regularised(String target, String written) {
    String base = BASES.getOrDefault(target, "");
    return !base.isEmpty() && withEd(base).contains(written) ? base : "";
  }

  private static Set<String> withEd(String base) {
    String last = base.substring(base.length() - 1);
    return Set.of(
        base + "ed", base + "d", base + last + "ed", base.substring(0, base.length() - 1) + "ied");
  }
}
