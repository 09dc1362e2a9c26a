package dettato.mark;

import dettato.sound.Sound;
import dettato.table.Row;
import dettato.table.Table;
import java.util.HashMap;
import java.util.Map;

/** What children write for a sound although English does not, from {@code childrens-forms.tsv}. */
final class ChildrensForms {
  private static final Map<String, Map<String, Integer>> BY_SOUND = new HashMap<>();

  static {
    Table.load(ChildrensForms.class, "childrens-forms.tsv", ChildrensForms::keep);
  }

  private ChildrensForms() {}

  /** Written letters with their form. */
  static Map<String, Integer> of(Sound sound) {
    return BY_SOUND.getOrDefault(sound.id(), Map.of());
  }

  private static Row keep(Row row) {
    Verdict verdict = Verdict.valueOf(row.get("verdict"));
    int points = verdict == Verdict.PARTIAL ? Costs.PARTIAL : Costs.NEAR;
    BY_SOUND
        .computeIfAbsent(row.get("sound"), s -> new HashMap<>())
        .put(row.get("written"), Form.of(verdict, points, row.get("confusion")));
    return row;
  }
}
