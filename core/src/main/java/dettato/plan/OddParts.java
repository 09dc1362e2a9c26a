package dettato.plan;

import dettato.rule.Opportunity;
import dettato.rule.RuleBook;
import dettato.sound.Accent;
import dettato.sound.Correspondence;
import dettato.sound.Correspondences;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/**
 * Parts of a word whose spelling is not among those that a class knows for the sound: rare letters
 * for it, letters that it has not been taught in that sound, letters where a rule that it has been
 * taught would have others. Simple spellings that only wait for their step are not odd.
 */
public final class OddParts {
  /** What these rules leave over are spellings of their own kind (if, yes; high, tie). */
  private static final Set<String> NO_ODDITY = Set.of("final-double", "end-y");

  private OddParts() {}

  /**
   * @return by unit, what a rule would have there; empty where none does
   */
  public static Map<Integer, Optional<String>> of(
      Word word, TeachingSequence sequence, int step, Accent accent) {
    Map<Integer, Optional<String>> odd = new TreeMap<>();
    for (int u = 0; u < word.cut().size(); u++) {
      Unit unit = word.cut().unit(u);
      boolean last = u == word.cut().size() - 1;
      if (word.irregular().contains(u)
          || isRare(unit)
          || !sequence.isTaught(unit, step, accent) && !waits(unit, last, sequence, accent)) {
        odd.put(u, Optional.empty());
      }
    }
    for (Opportunity broken : RuleBook.exceptions(word)) {
      Unit unit = word.cut().unit(broken.unit());
      Optional<String> due =
          broken.due().stream()
              .sorted()
              .filter(d -> sequence.isTaught(as(unit, d), step, accent))
              .findFirst();
      if (due.isPresent()
          && !RuleBook.of(broken.rule()).isWeak()
          && !NO_ODDITY.contains(broken.rule())) {
        odd.put(broken.unit(), due);
      }
    }
    return odd;
  }

  private static Unit as(Unit unit, String letters) {
    return Unit.of(letters, unit.sound().id());
  }

  private static boolean isRare(Unit unit) {
    return Correspondences.find(unit.sound(), unit.grapheme())
        .filter(c -> c.use().compareTo(Correspondence.Use.RARE) < 0)
        .isEmpty();
  }

  /** Whether letters are simple ones that are taught in time, or a weak vowel as it is heard. */
  private static boolean waits(Unit unit, boolean last, TeachingSequence sequence, Accent accent) {
    boolean simple =
        sequence.stageOf(unit, accent).filter(s -> s.compareTo(Stage.SPLIT) <= 0).isPresent();
    return simple || unit.sound().isWeakVowel() && !last;
  }
}
