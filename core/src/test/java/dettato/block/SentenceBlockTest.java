package dettato.block;

import static dettato.block.Blocks.FINAL_J;
import static dettato.block.Blocks.MARKERS;
import static dettato.block.Blocks.SENTENCE;
import static dettato.block.Blocks.items;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.focus.Focus;
import dettato.input.Unacceptable;
import dettato.mark.Result;
import dettato.plan.Pace;
import dettato.rule.RuleBook;
import dettato.rule.SpellingRule;
import dettato.text.Sentence;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class SentenceBlockTest {
  private static final String DICTATED = "The gull sat on the ledge.";

  static List<String> rules() {
    return RuleBook.RULES.stream().map(SpellingRule::id).toList();
  }

  @ParameterizedTest
  @MethodSource("rules")
  void hasASentenceForEveryRule(String rule) {
    Focus focus = new Focus.Rule(rule);
    List<String> chosen = Blocks.fill(SENTENCE, focus, 1, 1);
    assertEquals(1, chosen.size());
    assertTrue(
        SentenceTargets.holds(new Sentence(chosen.get(0)), focus, Blocks.material()),
        chosen.toString());
  }

  @Test
  void takesNoSentenceWithABarredWord() {
    Set<String> barred = Set.of("edge", "fridge");
    List<Item> chosen =
        SENTENCE.fill(new Request(List.of(FINAL_J), 6, barred, 2), Blocks.material());
    assertFalse(chosen.isEmpty());
    chosen.forEach(i -> assertFalse(i.text().matches(".*\\b(edge|fridge)\\b.*"), i.text()));
  }

  @Test
  void keepsASentenceOfHerOwnAndRefusesWhatIsNone() {
    assertEquals("A gull.", SENTENCE.own("  A   gull. ", Blocks.material()));
    assertThrows(Unacceptable.class, () -> SENTENCE.own("...", Blocks.material()));
    assertThrows(Unacceptable.class, () -> SENTENCE.own("gull ".repeat(41), Blocks.material()));
  }

  @ParameterizedTest(name = "{0}: {1}")
  @CsvSource({
    "The gull sat on the ledge., ''",
    "The gull sat., NO_TARGET",
    "The gull sat on the ledge, NO_END_MARK"
  })
  void saysWhatASentenceLacks(String text, String kind) {
    List<Check> checks = SENTENCE.checks(items(text), List.of(FINAL_J), Blocks.material());
    assertEquals(
        kind.isEmpty() ? List.of() : List.of(kind),
        checks.stream().map(c -> c.kind().name()).toList());
  }

  @Test
  void namesWhatItNeedsThatIsNotTaught() {
    Check check = SENTENCE.checks(items(DICTATED), List.of(), Blocks.material(1)).get(0);
    assertEquals(Check.Kind.UNTAUGHT, check.kind());
    assertTrue(check.says().contains("dge"), check.says());
  }

  @Test
  void takesAsLongAsItsWords() {
    assertEquals(126, SENTENCE.seconds(Item.own(DICTATED), Blocks.material(), Pace.IN_THE_ROOM));
    assertEquals(72, SENTENCE.call(Item.own(DICTATED), Blocks.material()).pause());
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
    Judged judged = SENTENCE.judge(DICTATED, written, MARKERS);
    assertEquals(
        result.equals("RIGHT_BUT") ? Result.READS_RIGHT : Result.valueOf(result), judged.result());
    assertEquals(right, judged.right());
    assertEquals(asked, judged.asked());
    assertEquals(signsOff, judged.signsOff());
    assertFalse(judged.conventions().isEmpty());
  }
}
