package dettato.lexicon;

import dettato.plan.Unsuitable;
import dettato.reading.Proposer;
import dettato.sound.Accent;
import dettato.sound.Accents;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/** Writes the hashes of words no class should meet, and of how they sound in every accent. */
final class UnsuitableBuilder {
  private static final int LONGEST = 14;

  private UnsuitableBuilder() {}

  /** Arguments: the npm folder of the sources, the reviewed folder, the file to write. */
  public static void main(String[] args) throws IOException {
    Set<String> words = new TreeSet<>(new Sources(Path.of(args[0]), Path.of("/")).unsuitable());
    new Reviewed(Path.of(args[1]))
        .rows(
            "not-proposed.tsv",
            row -> {
              if (row.get("mark").equals("exclude")) {
                words.addAll(List.of(row.get("words").replace("*", "").split(" ")));
              }
              return row;
            });
    Set<String> hashes = new TreeSet<>();
    for (String word : words) {
      if (word.matches("[a-z]{2," + LONGEST + "}")) {
        hashes.add(hex("letters:" + word));
        for (Accent accent : Accents.all()) {
          Proposer.shipped()
              .propose(word, accent, 2)
              .forEach(p -> hashes.add(hex("sounds:" + p.cut().ipa(accent))));
        }
      }
    }
    Files.writeString(
        Path.of(args[2]),
        "# Hashes of words no class should meet; see Unsuitable. Made by bin/lexicon.\n"
            + String.join("\n", hashes)
            + "\n");
  }

  private static String hex(String text) {
    return Long.toHexString(Unsuitable.hash(text));
  }
}
