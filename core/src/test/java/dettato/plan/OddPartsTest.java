package dettato.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;

import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.table.Table;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What is irregular in a word for a class at a step, against what a teacher would say. */
class OddPartsTest {
  private static final List<Integer> STEPS = List.of(20, 45, 60, 90, 150);

  private static final Accent BRITISH = Accents.of("en-GB");
  private static final TeachingSequence OURS = TeachingSequence.shipped();

  private static Word word(String spelling) {
    return Lexicon.shipped().find(spelling, "en-GB").orElseThrow();
  }

  private static Set<Integer> odd(String word, int step) {
    return OddParts.of(word(word), OURS, step, BRITISH).keySet();
  }

  /** A word that waits for its letters is neither. */
  private static boolean isRefused(String says, String word, int step) {
    boolean none = odd(word, step).isEmpty();
    return says.equals("y") ? none : !none && OURS.isTaught(word(word), step, BRITISH);
  }

  @Test
  void aWordIsIrregularWhereATeacherWouldSaySo() {
    List<String> wrong = new ArrayList<>();
    int asked = 0;
    for (Verdict verdict : VERDICTS) {
      for (int i = 0; i < STEPS.size(); i++) {
        String says = verdict.says.get(i);
        boolean open = says.equals("?");
        asked += open ? 0 : 1;
        if (!open && isRefused(says, verdict.word, STEPS.get(i))) {
          wrong.add(verdict.word + " at " + STEPS.get(i) + " is " + says);
        }
      }
    }
    assertEquals(List.of(), wrong, wrong.size() + " of " + asked);
  }

  @Test
  void allOddPartsAreMarked() {
    assertEquals("[1, 2]", odd("does", 50).toString());
    assertEquals("[0]", odd("one", 60).toString());
    assertEquals("[2, 5]", odd("stomach", 50).toString());
  }

  private record Verdict(String word, List<String> says) {}

  private static final List<Verdict> VERDICTS =
      Table.load(
          OddPartsTest.class,
          "irregular-by-step.tsv",
          row -> new Verdict(row.get("word"), STEPS.stream().map(s -> row.get("s" + s)).toList()));
}
