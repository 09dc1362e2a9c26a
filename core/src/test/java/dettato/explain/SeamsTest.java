package dettato.explain;

import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.mark.AttemptMarker;
import dettato.mark.Mark;
import dettato.rule.Outcome;
import dettato.rule.RuleBook;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.word.Join;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/**
 * Every seam of every word that changes there: the spelling without the change is told as its rule.
 */
class SeamsTest {
  private static final double TOLD = 0.99;
  private static final Map<Join.Change, String> RULES =
      Map.of(
          Join.Change.DOUBLED, "double-before-ending",
          Join.Change.E_DROPPED, "drop-e",
          Join.Change.Y_TO_I, "y-to-i",
          Join.Change.F_TO_V, "f-to-ves");

  @Test
  void aSeamLeftAsItIsNotIsToldAsItsRule() {
    Accent accent = Accents.of("en-GB");
    AttemptMarker marker = new AttemptMarker(accent, Lexicon.shipped());
    Map<String, int[]> counts = new TreeMap<>();
    List<String> missed = new ArrayList<>();
    for (Word word : Lexicon.shipped().words(accent.id())) {
      Optional<Join> join = word.join().filter(j -> RULES.containsKey(j.change()));
      if (join.isEmpty() || word.apostrophe() >= 0) {
        continue;
      }
      String rule = RULES.getOrDefault(join.get().change(), "");
      String attempt = join.get().base() + join.get().ending();
      Mark mark = marker.mark(word, attempt);
      boolean told =
          mark.rules().stream()
              .anyMatch(r -> r.rule().equals(rule) && r.outcome() == Outcome.UNDER);
      int[] count = counts.computeIfAbsent(rule, r -> new int[2]);
      count[0]++;
      if (told) {
        count[1]++;
      } else if (!attempt.equals(word.letters())) {
        missed.add(rule + " " + word.spelling() + " " + attempt + " " + failed(mark));
      }
    }
    int all = counts.values().stream().mapToInt(c -> c[0]).sum();
    int told = counts.values().stream().mapToInt(c -> c[1]).sum();
    StringBuilder said = new StringBuilder("seams that change: " + all + ", told " + told);
    counts.forEach(
        (rule, c) ->
            said.append("; ").append(rule).append(" ").append(c[1]).append(" of ").append(c[0]));
    System.out.println(said);
    missed.stream().limit(60).forEach(System.out::println);
    assertTrue(told >= TOLD * all, said::toString);
    assertTrue(counts.keySet().stream().allMatch(RuleBook::joins));
  }

  private static List<String> failed(Mark mark) {
    return mark.rules().stream()
        .filter(r -> r.outcome().isFailure())
        .map(r -> r.at().condition().id() + "=" + r.outcome())
        .toList();
  }
}
