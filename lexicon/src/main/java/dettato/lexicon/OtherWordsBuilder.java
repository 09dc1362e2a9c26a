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

  /**
   * Up to these sizes of the source a word may be met by a child; beyond, only looked up in vain.
   */
  private static final int WORD = 70;

  private static final int NAME = 60;

  private OtherWordsBuilder() {}

  /** Arguments: Debian's share folder, the lexicon's table, the files of common and rare ones. */
  public static void main(String[] args) throws IOException {
    Set<String> known = new TreeSet<>();
    try (Stream<String> rows = Files.lines(Path.of(args[1]))) {
      rows.forEach(row -> known.add(row.split("\t", 2)[0]));
    }
    Set<String> common = new TreeSet<>();
    Set<String> rare = new TreeSet<>();
    try (Stream<Path> files = Files.list(Path.of(args[0]).resolve("dict/scowl"))) {
      for (Path file : files.filter(OtherWordsBuilder::isTaken).toList()) {
        Set<String> words = isCommon(file) ? common : rare;
        Files.readAllLines(file, StandardCharsets.ISO_8859_1).stream()
            .map(w -> w.toLowerCase(Locale.ROOT))
            .filter(w -> w.matches(SHORT) && w.matches(BEATS) && !known.contains(w))
            .forEach(words::add);
      }
    }
    rare.removeAll(common);
    write(Path.of(args[2]), "Real words and names that the lexicon does not have.", common);
    write(Path.of(args[3]), "Real words and names that hardly anybody meets.", rare);
  }

  private static void write(Path file, String says, Set<String> words) throws IOException {
    Files.writeString(
        file, "# " + says + " Made by bin/lexicon.\n" + String.join("\n", words) + "\n");
  }

  private static boolean isTaken(Path file) {
    String name = file.getFileName().toString();
    boolean country = List.of("english", "british", "american").stream().anyMatch(name::startsWith);
    return country && (name.contains("-words") || isOfNames(name));
  }

  private static boolean isOfNames(String name) {
    return name.contains("proper-names") || name.contains("upper");
  }

  private static boolean isCommon(Path file) {
    String name = file.getFileName().toString();
    int level = Integer.parseInt(name.substring(name.lastIndexOf('.') + 1));
    return level <= (isOfNames(name) ? NAME : WORD);
  }
}
