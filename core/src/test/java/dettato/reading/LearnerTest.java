package dettato.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import org.junit.jupiter.api.Test;

class LearnerTest {
  @Test
  void theTreesWereLearntFromTheseCuts() throws IOException {
    try (InputStream in = Learner.class.getResourceAsStream("trees.tsv")) {
      String head = new String(Objects.requireNonNull(in).readNBytes(300), StandardCharsets.UTF_8);
      assertEquals(
          "# Cuts: " + Learner.mark(Learner.shipped()),
          head.lines().skip(1).findFirst().orElse(""),
          "cuts have changed since the trees were learnt: run bin/lexicon, or TreesBuilder alone");
    }
  }
}
