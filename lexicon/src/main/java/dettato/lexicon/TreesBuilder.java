package dettato.lexicon;

import dettato.reading.Learner;
import dettato.word.Word;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** Writes what is learnt of reading from the cuts of the word table. */
final class TreesBuilder {
  private TreesBuilder() {}

  /** Argument: the file to write. */
  public static void main(String[] args) throws IOException {
    List<Word> words = Learner.shipped();
    Files.writeString(
        Path.of(args[0]),
        """
        # How letters are read, learnt from the cuts in words.tsv by bin/lexicon; see Tree. Do not edit.
        # Cuts: %s
        of\ttree
        %s
        """
            .formatted(Learner.mark(words), String.join("\n", Learner.learn(words))));
  }
}
