package dettato.word;

import dettato.table.Table;
import java.util.List;
import java.util.regex.Pattern;

/** Runs of letters that no English word of one stem has, whatever their sounds. */
public final class NeverWritten {
  private static final List<Pattern> PATTERNS =
      Table.load(NeverWritten.class, "never.tsv", row -> Pattern.compile(row.get("pattern")));

  private NeverWritten() {}

  /** Whether a spelling in small letters has such a run. */
  public static boolean isIn(String spelling) {
    return PATTERNS.stream().anyMatch(p -> p.matcher(spelling).find());
  }
}
