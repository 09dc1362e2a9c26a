package dettato.activity;

import static dettato.activity.Kinds.FINAL_J;
import static dettato.activity.Kinds.WORDS;
import static dettato.activity.Kinds.typed;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.focus.Focus;
import dettato.input.Unacceptable;
import dettato.mark.Result;
import dettato.plan.Pace;
import dettato.prompt.Prompt;
import dettato.rule.RuleBook;
import dettato.rule.Side;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class WordsKindTest {
  @Test
  void fillsBothSidesOfARuleTheSameForTheSameSeed() {
    List<String> words = Kinds.fill(WORDS, FINAL_J, 10, 3);
    assertEquals(10, new HashSet<>(words).size());
    assertEquals(5, words.stream().filter(w -> side(w) == Side.DUE).count());
    assertEquals(words, Kinds.fill(WORDS, FINAL_J, 10, 3));
    assertNotEquals(words, Kinds.fill(WORDS, FINAL_J, 10, 4));
  }

  private static Side side(String word) {
    return RuleBook.opportunities(Kinds.word(word)).stream()
        .filter(o -> o.rule().equals("final-j"))
        .findFirst()
        .orElseThrow()
        .side();
  }

  @Test
  void fillsRivalGraphemesAsManyOfEach() {
    Focus focus = new Focus.Rivals("eɪ", List.of("ai", "ay"));
    List<String> words = Kinds.fill(WORDS, focus, 8, 1);
    assertEquals(4, words.stream().filter(w -> w.contains("ai")).count(), words.toString());
    assertEquals(4, words.stream().filter(w -> w.contains("ay")).count(), words.toString());
  }

  @Test
  void fillsIrregularWords() {
    List<String> words = Kinds.fill(WORDS, new Focus.Irregular(), 6, 1);
    assertEquals(6, words.size());
    for (String word : words) {
      boolean odd = !Kinds.word(word).irregular().isEmpty();
      assertTrue(odd || RuleBook.broken(Kinds.word(word)) > 0, word);
    }
  }

  @Test
  void sharesItsItemsAmongSeveralFocusesAndTakesNoWordTwiceNorOneThatIsBarred() {
    Set<String> barred = Set.of("badge", "duck");
    List<Item> items =
        WORDS.fill(
            new Request(List.of(FINAL_J, new Focus.Rule("final-k")), 9, barred, 5),
            Kinds.material());
    assertEquals(9, items.stream().map(Item::text).distinct().count());
    assertEquals(
        5, items.stream().filter(i -> i.focus().equals(java.util.Optional.of(FINAL_J))).count());
    assertTrue(items.stream().noneMatch(i -> barred.contains(i.text())));
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "12", "ca7t", "sea, gull"})
  void refusesWhatIsNoWord(String text) {
    assertThrows(Unacceptable.class, () -> WORDS.own(text, Kinds.material()));
  }

  @Test
  void keepsAnOwnWordInSmallLetters() {
    assertEquals(new Prompt.Word("gadget"), WORDS.own(" Gadget ", Kinds.material()));
  }

  @ParameterizedTest(name = "{0}: {1}")
  @CsvSource({
    "badge ledge fudge judge, ONE_SIDED",
    "badge cage ledge stage, PREDICTABLE",
    "badge ledge fudge cage stage, PREDICTABLE",
    "badge ledge cage fudge, ''",
    "badge cage, ''"
  })
  void saysWhenTheClassCouldGuess(String words, String kind) {
    List<Check> checks =
        WORDS.checks(typed("words", words.split(" ")), List.of(FINAL_J), Kinds.material());
    assertEquals(
        kind.isEmpty() ? List.of() : List.of(kind),
        checks.stream().map(c -> c.kind().name()).toList());
  }

  @Test
  void namesTheGraphemeThatIsNotTaught() {
    Check check =
        WORDS.checks(typed("words", new String[] {"duck"}), List.of(), Kinds.material(1)).get(0);
    assertEquals(Check.Kind.UNTAUGHT, check.kind());
    assertTrue(check.says().contains("ck"), check.says());
    assertEquals("duck", check.item().orElseThrow().text());
  }

  /** Words that sound like another are told of while they have no clue, and only then. */
  @Test
  void saysWhenNobodyCanKnowWhichWordIsMeant() {
    var material = Kinds.material();
    List<Word> alike =
        Lexicon.shipped().words("en-GB").stream()
            .filter(w -> !material.rivals().homophones(w).isEmpty())
            .toList();
    assertTrue(alike.size() > 100);
    for (Word word : alike.subList(0, 100)) {
      boolean told =
          WORDS.checks(typed("words", new String[] {word.spelling()}), List.of(), material).stream()
              .anyMatch(c -> c.kind() == Check.Kind.SOUNDS_ALIKE);
      assertEquals(Kinds.word(word.spelling()).clue().isEmpty(), told, word.spelling());
    }
    Word bare = alike.stream().filter(w -> w.clue().isEmpty()).findFirst().orElseThrow();
    assertTrue(
        WORDS.checks(typed("words", new String[] {bare.spelling()}), List.of(), material).stream()
            .anyMatch(c -> c.kind() == Check.Kind.SOUNDS_ALIKE));
  }

  @Test
  void saysSoWhenThereIsNothingYet() {
    assertEquals(
        Check.Kind.EMPTY, WORDS.checks(List.of(), List.of(), Kinds.material()).get(0).kind());
  }

  @Test
  void callsAWordWithItsClueAndTimeForItsSounds() {
    Call call = WORDS.call(new Prompt.Word("badge"), Kinds.material());
    assertTrue(call.says().startsWith("badge: "), call.says());
    assertEquals(List.of("badge"), call.answer());
    assertEquals(14, call.pause());
    assertEquals(62, WORDS.seconds(new Prompt.Word("badge"), Kinds.material(), Pace.IN_THE_ROOM));
  }

  @Test
  void judgesTheWord() {
    Judged judged = WORDS.judge(new Prompt.Word("badge"), "bage", Kinds.MARKERS);
    assertEquals(Result.READS_OTHERWISE, judged.result());
    assertEquals(1, judged.asked());
    assertEquals(0, judged.right());
    assertEquals(Result.BLANK, WORDS.judge(new Prompt.Word("badge"), "", Kinds.MARKERS).result());
  }
}
