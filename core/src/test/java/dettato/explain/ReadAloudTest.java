package dettato.explain;

import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.mark.AttemptMarker;
import dettato.mark.Mark;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/**
 * Prints 300 explanations to be read aloud, drawn by {@code -Ddettato.seed} from what children
 * write, and holds them to their length: at most fourteen words, half of them at most eleven.
 */
class ReadAloudTest {
  private static final int TO_READ = 300;
  private static final int LONGEST = 14;
  private static final int MIDDLE = 11;

  @Test
  void explanationsAreShortAndPlain() throws IOException {
    Accent accent = Accents.of(Accents.SOUTHERN_BRITISH);
    AttemptMarker marker = new AttemptMarker(accent, Lexicon.shipped());
    List<String[]> pairs = pairs();
    Collections.shuffle(pairs, new Random(Long.getLong("dettato.seed", 20_261_202)));
    List<Integer> lengths = new ArrayList<>();
    for (String[] pair : pairs) {
      Optional<Word> word = Lexicon.shipped().find(pair[0], accent.id());
      if (word.isEmpty() || lengths.size() >= TO_READ) {
        continue;
      }
      Mark mark = marker.mark(word.get(), pair[1]);
      List<Fact> facts = Explanation.facts(mark, accent);
      if (facts.isEmpty()) {
        continue;
      }
      Fact first = facts.get(0);
      System.out.printf(
          "aloud: %s %s: %s | %s%n", pair[0], pair[1], first.says(), first.forChild());
      int words = first.says().split(" ").length;
      assertTrue(words <= LONGEST, first.says());
      assertTrue(first.says().matches("[^ɪʊəɒʌɑɔɜæŋθðʃʒː]*"), first.says());
      lengths.add(words);
    }
    Collections.sort(lengths);
    assertTrue(lengths.size() == TO_READ, lengths.size() + " were read");
    assertTrue(lengths.get(TO_READ / 2) <= MIDDLE, lengths.toString());
  }

  /** What children write, agreed by eye: word and attempt. */
  private static List<String[]> pairs() throws IOException {
    try (InputStream in = AttemptMarker.class.getResourceAsStream("golden.csv")) {
      String text = new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8);
      return new ArrayList<>(text.lines().skip(1).map(line -> line.split(",")).toList());
    }
  }
}
