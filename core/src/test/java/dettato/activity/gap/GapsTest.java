package dettato.activity.gap;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.activity.Kinds;
import dettato.choose.Task;
import dettato.rule.RuleBook;
import dettato.rule.SpellingRule;
import dettato.text.Sentence;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class GapsTest {
  @Test
  void everyGapIsAWholeSentenceOfKnownWordsAndEveryKindThatIsNamedExists() {
    Set<String> kinds = Gap.shipped().stream().map(Gap::kind).collect(Collectors.toSet());
    for (Gap gap : Gap.shipped()) {
      assertTrue(new Sentence(gap.whole()).hasEndMark(), gap.whole());
      assertTrue(kinds.containsAll(gap.also()), gap.whole());
      List<String> words = new Sentence(gap.whole()).words();
      for (String word : words) {
        boolean name = word != words.get(0) && Character.isUpperCase(word.charAt(0));
        String small = word.toLowerCase(Locale.ROOT).replaceAll("'s$", "");
        assertTrue(
            name || Kinds.LEXICON.find(small, "en-GB").isPresent(), word + ": " + gap.whole());
      }
    }
    assertEquals(Gap.shipped().size(), Gap.shipped().stream().map(Gap::asked).distinct().count());
  }

  /** By the data of the places, asked anew: no word of a set may stand where another is due. */
  @Test
  void ofASetsWordsExactlyOneFitsEachPlace() {
    Map<String, List<Gap>> byText = new HashMap<>();
    Gap.shipped().forEach(g -> byText.computeIfAbsent(g.asked(), k -> new ArrayList<>()).add(g));
    int asked = 0;
    List<String> thin = new ArrayList<>();
    for (SpellingRule rule : RuleBook.RULES) {
      for (long seed = 1; seed <= 2; seed++) {
        List<Task> tasks = Kinds.tasks("gap", Kinds.rule(rule.id()), 1, 8, seed);
        if (tasks.size() < 6) {
          thin.add(rule.id() + " " + tasks.size());
        }
        for (Task task : tasks) {
          asked++;
          Gap place = byText.get(task.says()).get(0);
          List<String> fitting =
              tasks.stream()
                  .map(o -> byText.get(o.says()).get(0))
                  .filter(o -> o.kind().equals(place.kind()) || place.also().contains(o.kind()))
                  .map(Gap::word)
                  .toList();
          assertEquals(List.of(task.text()), fitting, task.says() + " " + task.options());
        }
      }
    }
    System.out.println("gap sentences asked: " + asked + "; rules with fewer than 6: " + thin);
    assertTrue(asked > 200, "asked: " + asked);
    assertTrue(thin.size() < 8, thin.toString());
  }

  @Test
  void bothSidesOfARuleAreAsked() {
    List<Task> tasks = Kinds.tasks("gap", Kinds.rule("final-j"), 1, 8, 3);
    long due = tasks.stream().filter(t -> t.text().contains("dge")).count();
    assertTrue(due >= 3 && due <= 5, "dge: " + due);
    assertEquals(6, Kinds.tasks("gap", Optional.empty(), 1, 6, 1).size());
  }
}
