package dettato.lexicon;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;

/**
 * Lists words and names of one beat or two that are real although the lexicon does not have them,
 * so that no invented word is one of them.
 */
final class OtherWordsBuilder {
  private static final String SHORT = "[a-z]{2,9}";
  private static final String BEATS = "[^aeiouy]*([aeiouy]+[^aeiouy]+){0,2}[aeiouy]*";
  private static final int RAREST_WORD = 70;
  private static final int RAREST_NAME = 60;

  private OtherWordsBuilder() {}

  /** Arguments: Debian's share folder, the lexicon's table, the file to write. */
  public static void main(String[] args) throws IOException {
    Set<String> known = new TreeSet<>();
    try (Stream<String> rows = Files.lines(Path.of(args[1]))) {
      rows.forEach(row -> known.add(row.split("\t", 2)[0]));
    }
    Set<String> words = new TreeSet<>();
    try (Stream<Path> files = Files.list(Path.of(args[0]).resolve("dict/scowl"))) {
      for (Path file : files.filter(OtherWordsBuilder::isTaken).toList()) {
        Files.readAllLines(file, StandardCharsets.ISO_8859_1).stream()
            .map(w -> w.toLowerCase(Locale.ROOT))
            .filter(w -> w.matches(SHORT) && w.matches(BEATS) && !known.contains(w))
            .forEach(words::add);
      }
    }
    Files.writeString(
        Path.of(args[2]),
        "# Real words and names that the lexicon does not have. Made by bin/lexicon.\n"
            + String.join("\n", words)
            + "\n");
  }

  private static boolean isTaken(Path file) {
    String name = file.getFileName().toString();
    int level = Integer.parseInt(name.substring(name.lastIndexOf('.') + 1));
    boolean country = List.of("english", "british", "american").stream().anyMatch(name::startsWith);
    boolean names = name.contains("proper-names") || name.contains("upper");
    return country
        && (name.contains("-words") && level <= RAREST_WORD || names && level <= RAREST_NAME);
  }
}
