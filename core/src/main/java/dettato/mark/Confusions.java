package dettato.mark;

import dettato.table.Table;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What differences at one unit are called, from {@code confusions.tsv}. */
public final class Confusions {
  private static final Map<String, String> SENTENCES = new HashMap<>();
  private static final Map<String, String> LABELS = new HashMap<>();

  static {
    Table.load(
            Confusions.class,
            "confusions.tsv",
            row ->
                List.of(
                    row.get("verdict") + "/" + row.get("confusion"),
                    row.get("sentence"),
                    row.get("confusion"),
                    row.get("label")))
        .forEach(
            row -> {
              SENTENCES.put(row.get(0), row.get(1));
              if (!row.get(3).isEmpty()) {
                LABELS.put(row.get(2), row.get(3));
              }
            });
  }

  private Confusions() {}

  /**
   * A few words for many confusions of a kind: f or v for th; the name itself when there are none.
   */
  public static String label(String confusion) {
    return LABELS.getOrDefault(confusion, confusion);
  }

  /**
   * What is said of a unit.
   *
   * @param sound the unit's sound in IPA
   * @throws IllegalArgumentException when the table has no row for the verdict
   */
  static String sentence(String word, String grapheme, String sound, UnitMark unit) {
    String key = unit.verdict() + "/" + unit.confusion().orElse("");
    String said = SENTENCES.getOrDefault(key, SENTENCES.get(unit.verdict() + "/"));
    if (said == null) {
      throw new IllegalArgumentException("confusions.tsv has no row for " + key);
    }
    return said.replace("{word}", word)
        .replace("{sound}", sound)
        .replace("{grapheme}", grapheme)
        .replace("{written}", unit.written());
  }
}
