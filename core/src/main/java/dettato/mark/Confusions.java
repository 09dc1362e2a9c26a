package dettato.mark;

import dettato.table.Table;
import java.util.Map;
import java.util.stream.Collectors;

/** What differences at one unit are called, from {@code confusions.tsv}. */
public final class Confusions {
  private static final Map<String, String> LABELS =
      Table.load(
              Confusions.class,
              "confusions.tsv",
              row -> Map.entry(row.get("confusion"), row.get("label")))
          .stream()
          .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, Map.Entry::getValue));

  private Confusions() {}

  /**
   * A few words for many confusions of a kind: f or v for th; the name itself when there are none.
   */
  public static String label(String confusion) {
    return LABELS.getOrDefault(confusion, confusion);
  }
}
