package dettato.mark;

import dettato.sound.Correspondence;
import dettato.table.Row;
import dettato.table.Table;
import java.util.HashMap;
import java.util.Map;

/** The marker's price list, from {@code costs.tsv}. Points are whole; 0 is as the model. */
final class Costs {
  private static final Map<String, Integer> POINTS = load();

  static final int PARTIAL = of("partial");
  static final int RULE_FORM = of("rule-form");
  static final int LETTER_CHANGED = of("letter-changed");
  static final int MARRED = of("marred");
  static final int NEAR = of("near");
  static final int NEAR_STEP = of("near-step");
  static final int LOOK_ALIKE = of("look-alike");
  static final int OTHER_SAME = of("other-same");
  static final int OTHER_MIXED = of("other-mixed");
  static final int OTHER_IN_DIGRAPH = of("other-in-digraph");
  static final int MISSING_CONSONANT = of("missing-consonant");
  static final int MISSING_VOWEL = of("missing-vowel");
  static final int EXTRA = of("extra");
  static final int EXTRA_E = of("extra-e");
  static final int SWAP = of("swap");
  static final int SWAP_AROUND = of("swap-around");
  static final int MERGED = of("merged");
  static final int SPLIT_ADDED = of("split-added");

  private Costs() {}

  static int alternative(Correspondence.Use use) {
    return switch (use) {
      case COMMON -> of("alternative-common");
      case SOME -> of("alternative-some");
      case RARE, ODD -> of("alternative-rare");
    };
  }

  private static int of(String move) {
    Integer points = POINTS.get(move);
    if (points == null) {
      throw new IllegalArgumentException("costs.tsv has no row for '" + move + "'");
    }
    return points;
  }

  private static Map<String, Integer> load() {
    Map<String, Integer> points = new HashMap<>();
    Table.load(Costs.class, "costs.tsv", Costs::checked)
        .forEach(row -> points.put(row.get("move"), row.number("points")));
    return points;
  }

  private static Row checked(Row row) {
    if (row.get("reason").isEmpty()) {
      throw row.wrong("a cost needs a reason");
    }
    return row;
  }
}
