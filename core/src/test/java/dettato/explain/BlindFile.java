package dettato.explain;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/** A file of verdicts that were written before the marker was asked. */
final class BlindFile {
  private static final Path FOLDER = Path.of("src/test/resources/dettato/mark/blind");

  private BlindFile() {}

  /**
   * Prints what is judged otherwise, and fails when it is more than accepted.
   *
   * @param miss what is otherwise in a row of cells; "" for nothing
   */
  static void judge(String file, int accepted, Function<String[], String> miss) throws IOException {
    List<String> misses = new ArrayList<>();
    for (String line : Files.readAllLines(FOLDER.resolve(file))) {
      String otherwise = line.startsWith("#") ? "" : miss.apply(line.split(";", -1));
      if (!otherwise.isEmpty()) {
        misses.add(line + "\n    " + otherwise);
      }
    }
    String all =
        file + ": " + misses.size() + " not as written beforehand\n" + String.join("\n", misses);
    System.out.println(all);
    assertTrue(misses.size() <= accepted, all);
  }
}
