package dettato.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.rule.RuleBook;
import dettato.rule.Side;
import dettato.rule.SpellingRule;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class WordChooserTest {
  private static final TeachingSequence SEQUENCE = TeachingSequence.shipped();
  private static final WordChooser CHOOSER =
      new WordChooser(Lexicon.shipped(), Accents.of("en-GB"), SEQUENCE);

  static List<String> rules() {
    return RuleBook.RULES.stream().map(SpellingRule::id).toList();
  }

  @ParameterizedTest
  @MethodSource("rules")
  void takesBothSidesInAnOrderNobodyCanGuess(String rule) {
    for (long seed = 0; seed < 20; seed++) {
      List<Choice> words = CHOOSER.choose(request(rule, 10, seed, false));
      assertEquals(10, words.size(), rule);
      if (sides(rule) < 2) {
        continue;
      }
      assertEquals(5, words.stream().filter(c -> c.side().isSpecial()).count(), rule);
      List<Boolean> sides = words.stream().map(c -> c.side().isSpecial()).toList();
      assertTrue(Unpredictable.longestRun(sides) <= Unpredictable.LONGEST_RUN, rule + " " + sides);
      assertTrue(Guessers.best(sides).share() <= Unpredictable.MOST_GUESSED, rule + " " + sides);
    }
  }

  /** How many sides of the rule have enough taught words. */
  private static long sides(String rule) {
    return CHOOSER.candidates(rule, SEQUENCE.last()).stream()
        .filter(Choice::isTaught)
        .collect(Collectors.groupingBy(c -> c.side().isSpecial(), Collectors.counting()))
        .values()
        .stream()
        .filter(n -> n >= 5)
        .count();
  }

  @Test
  void theSameSeedGivesTheSameWordsAndAnotherGivesOthers() {
    List<Choice> once = CHOOSER.choose(request("final-j", 10, 1, false));
    assertEquals(once, CHOOSER.choose(request("final-j", 10, 1, false)));
    assertNotEquals(once, CHOOSER.choose(request("final-j", 10, 2, false)));
  }

  @Test
  void takesOnlyWhatWasTaught() {
    int step = 30;
    WordChooser.Request early =
        new WordChooser.Request("final-k", 8, step, false, Set.of("duck"), 3);
    for (Choice c : CHOOSER.choose(early)) {
      assertEquals(List.of(), SEQUENCE.untaught(c.word(), step, Accents.of("en-GB")));
      assertNotEquals("duck", c.word().spelling());
    }
    assertTrue(
        CHOOSER.candidates("final-j", 5).stream().noneMatch(Choice::isTaught),
        "dge is not taught by step 5");
  }

  @Test
  void putsEasyWordsFirstWithinEachSideWhenAsked() {
    List<Choice> words = CHOOSER.choose(request("final-ch", 10, 4, true));
    for (Side side : Side.values()) {
      List<Integer> sounds =
          words.stream().filter(c -> c.side() == side).map(c -> c.word().cut().size()).toList();
      assertEquals(sounds.stream().sorted().toList(), sounds);
    }
  }

  @Test
  void proposesOnlyWordsMarkedForIt() {
    for (String rule : rules()) {
      assertTrue(
          CHOOSER.candidates(rule, SEQUENCE.last()).stream()
              .allMatch(c -> c.word().use() == Word.Use.CHOOSE));
    }
  }

  @Test
  void theSequenceTeachesNoCorrespondenceTwiceAndAtMostOneVowelAStep() {
    var steps = SEQUENCE.steps();
    assertEquals(
        steps.size(), steps.stream().map(s -> s.grapheme() + "/" + s.sound()).distinct().count());
    for (int n = 1; n <= SEQUENCE.last(); n++) {
      int step = n;
      assertTrue(
          steps.stream().filter(s -> s.number() == step && s.sound().isVowel()).count() <= 1);
    }
  }

  private static WordChooser.Request request(String rule, int count, long seed, boolean easiest) {
    return new WordChooser.Request(rule, count, SEQUENCE.last(), easiest, Set.of(), seed);
  }
}
