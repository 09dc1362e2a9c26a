package dettato.lexicon;

import dettato.word.Join;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * Writes the joins and seams that were read by eye into the word table as it stands, so that a
 * correction of {@code joins.tsv}, {@code false-joins.txt} or {@code seams.tsv} needs none of the
 * sources.
 */
public final class Rejoiner {
  private static final int BASE = 4;
  private static final int SEAM = 7;

  private Rejoiner() {}

  /**
   * @param args the reviewed lists, the table to write
   */
  public static void main(String[] args) throws IOException {
    Reviewed reviewed = new Reviewed(Path.of(args[0]));
    Map<String, Join> joins = Joins.seen(reviewed);
    Set<String> none = reviewed.words("false-joins.txt");
    Map<String, String> seams = reviewed.pairs("seams.tsv", "word", "seam");
    Path table = Path.of(args[1]);
    List<String> rows = new ArrayList<>();
    for (String line : Files.readAllLines(table, StandardCharsets.UTF_8)) {
      String[] cells = line.split("\t", -1);
      boolean word = cells.length > SEAM;
      if (word && joins.containsKey(cells[0])) {
        rejoin(cells, joins.get(cells[0]));
      } else if (word && none.contains(cells[0])) {
        Arrays.fill(cells, BASE, BASE + 3, "");
      }
      if (word && seams.containsKey(cells[0])) {
        cells[SEAM] = seams.get(cells[0]);
      }
      rows.add(word ? String.join("\t", cells) : line);
    }
    Files.writeString(table, String.join("\n", rows) + "\n");
  }

  private static void rejoin(String[] cells, Join join) {
    cells[BASE] = join.base();
    cells[BASE + 1] = join.ending();
    cells[BASE + 2] = join.change().name().toLowerCase(Locale.ROOT);
  }
}
