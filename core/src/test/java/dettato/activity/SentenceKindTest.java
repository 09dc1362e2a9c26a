package dettato.activity;

import static dettato.activity.Kinds.FINAL_J;
import static dettato.activity.Kinds.MARKERS;
import static dettato.activity.Kinds.SENTENCE;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.choose.SentenceTargets;
import dettato.focus.Focus;
import dettato.input.Unacceptable;
import dettato.mark.Result;
import dettato.plan.Pace;
import dettato.prompt.Prompt;
import dettato.rule.RuleBook;
import dettato.rule.SpellingRule;
import dettato.text.Sentence;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class SentenceKindTest {
  private static final String DICTATED = "The gull sat on the ledge.";

  static List<String> rules() {
    return RuleBook.RULES.stream().map(SpellingRule::id).toList();
  }

  @ParameterizedTest
  @MethodSource("rules")
  void hasASentenceForEveryRule(String rule) {
    Focus focus = new Focus.Rule(rule);
    List<String> chosen = Kinds.fill(SENTENCE, focus, 1, 1);
    assertEquals(1, chosen.size());
    assertTrue(
        SentenceTargets.holds(new Sentence(chosen.get(0)), focus, Kinds.material()),
        chosen.toString());
  }

  @Test
  void takesNoSentenceWithABarredWord() {
    Set<String> barred = Set.of("edge", "fridge");
    List<Item> chosen =
        SENTENCE.fill(new Request(List.of(FINAL_J), 6, barred, 2), Kinds.material());
    assertFalse(chosen.isEmpty());
    chosen.forEach(i -> assertFalse(i.text().matches(".*\\b(edge|fridge)\\b.*"), i.text()));
  }

  @Test
  void keepsASentenceOfHerOwnAndRefusesWhatIsNone() {
    assertEquals(new Prompt.Sentence("A gull."), SENTENCE.own("  A   gull. ", Kinds.material()));
    assertThrows(Unacceptable.class, () -> SENTENCE.own("...", Kinds.material()));
    assertThrows(Unacceptable.class, () -> SENTENCE.own("gull ".repeat(41), Kinds.material()));
  }

  @ParameterizedTest(name = "{0}: {1}")
  @CsvSource({
    "The gull sat on the ledge., ''",
    "The gull sat., NO_TARGET",
    "The gull sat on the ledge, NO_END_MARK"
  })
  void saysWhatASentenceLacks(String text, String kind) {
    List<Check> checks =
        SENTENCE.checks(List.of(new Prompt.Sentence(text)), List.of(FINAL_J), Kinds.material());
    assertEquals(
        kind.isEmpty() ? List.of() : List.of(kind),
        checks.stream().map(c -> c.kind().name()).toList());
  }

  @Test
  void namesWhatItNeedsThatIsNotTaught() {
    Check check =
        SENTENCE
            .checks(List.of(new Prompt.Sentence(DICTATED)), List.of(), Kinds.material(1))
            .get(0);
    assertEquals(Check.Kind.UNTAUGHT, check.kind());
    assertTrue(check.says().contains("dge"), check.says());
  }

  @Test
  void takesAsLongAsItsWords() {
    assertEquals(
        126, SENTENCE.seconds(new Prompt.Sentence(DICTATED), Kinds.material(), Pace.IN_THE_ROOM));
    assertEquals(72, SENTENCE.call(new Prompt.Sentence(DICTATED), Kinds.material()).pause());
  }

  @ParameterizedTest(name = "\"{0}\": {1}, {2} of {3} words, {4} signs off")
  @CsvSource({
    "The gull sat on the ledge., RIGHT, 6, 6, 0",
    "the gull sat on the ledge, READS_RIGHT, 6, 6, 2",
    "The gull sat on the lege., READS_OTHERWISE, 5, 6, 0",
    "The gul sat on the ledge., READS_RIGHT, 5, 6, 0",
    "The gull on the ledge., SOUND_ERROR, 5, 6, 1",
    "The gullsat on the ledge., RIGHT_BUT, 6, 6, 1",
    "'', BLANK, 0, 6, 0"
  })
  void judgesConventionsThenWords(
      String written, String result, int right, int asked, int signsOff) {
    Judged judged = SENTENCE.judge(new Prompt.Sentence(DICTATED), written, MARKERS);
    assertEquals(
        result.equals("RIGHT_BUT") ? Result.READS_RIGHT : Result.valueOf(result), judged.result());
    assertEquals(right, judged.right());
    assertEquals(asked, judged.asked());
    assertEquals(signsOff, judged.signsOff());
    assertFalse(judged.conventions().isEmpty());
  }
}
