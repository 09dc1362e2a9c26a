package dettato.mark;

import dettato.table.Table;
import java.util.HashMap;
import java.util.Map;

/** The sentence for a difference at one unit, from {@code confusions.tsv}. */
final class Confusions {
  private static final Map<String, String> SENTENCES = new HashMap<>();

  static {
    Table.load(
            Confusions.class,
            "confusions.tsv",
            row ->
                new String[] {row.get("verdict") + "/" + row.get("confusion"), row.get("sentence")})
        .forEach(pair -> SENTENCES.put(pair[0], pair[1]));
  }

  private Confusions() {}

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
