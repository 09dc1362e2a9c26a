package dettato.activity;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.choose.Material;
import dettato.focus.Focus;
import dettato.input.Unacceptable;
import dettato.mark.Result;
import dettato.plan.Pace;
import dettato.prompt.Prompt;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Kinds of block whose items are exercises. */
class TaskKindsTest {
  private static final Material MATERIAL = Kinds.material();
  private static final Activities BOOK = Kinds.ALL;
  private static final List<Focus> FOCUSES =
      List.of(
          new Focus.Rule("final-ch"),
          new Focus.Rule("double-before-ending"),
          new Focus.Rivals("eɪ", List.of("ai", "ay")),
          new Focus.Irregular());

  /** What is filled can be called, is right when written as called, and takes time. */
  @ParameterizedTest
  @ValueSource(strings = {"irregular", "join", "gap", "pairs", "chain", "beats", "made-up"})
  void fillsCallsTimesAndMarks(String id) {
    Activity kind = BOOK.of(id);
    for (Focus focus : FOCUSES) {
      List<Item> items = kind.fill(new Request(List.of(focus), 4, Set.of(), 3), MATERIAL);
      assertTrue(id.equals("gap") ? items.size() <= 4 : items.size() == 4, id + " " + items);
      assertEquals(items.size(), Set.copyOf(items.stream().map(Item::text).toList()).size());
      for (Item item : items) {
        Call call = kind.call(item.prompt(), MATERIAL);
        assertFalse(call.says().isBlank());
        assertTrue(call.pause() > 0 && kind.seconds(item.prompt(), MATERIAL, Pace.IN_THE_ROOM) > 0);
        for (String right : call.answer()) {
          assertEquals(
              Result.RIGHT, kind.judge(item.prompt(), right, Kinds.MARKERS).result(), right);
        }
        assertEquals(Result.BLANK, kind.judge(item.prompt(), "", Kinds.MARKERS).result());
        if (!id.equals("made-up")) {
          assertFalse(kind.judge(item.prompt(), "zzz", Kinds.MARKERS).result() == Result.RIGHT);
        }
      }
    }
    assertTrue(BOOK.of(id).checks(List.of(), List.of(), MATERIAL).size() == 1);
  }

  @Test
  void aGapKeepsItsSentenceAndAsksForItsWord() {
    Activity gap = BOOK.of("gap");
    Prompt item = gap.own("The gull sat on the  [ledge].", MATERIAL);
    assertEquals("The gull sat on the ____.", gap.call(item, MATERIAL).says());
    assertEquals(List.of("ledge"), gap.call(item, MATERIAL).answer());
    assertEquals(Result.READS_OTHERWISE, gap.judge(item, "lege", Kinds.MARKERS).result());
  }

  @Test
  void aJoinIsSaidApartAndWrittenTogether() {
    assertEquals("hop + ing", BOOK.of("join").call(new Prompt.Word("hopping"), MATERIAL).says());
  }

  @Test
  void everyLegalSpellingOfAnInventedWordIsRight() {
    Activity madeUp = BOOK.of("made-up");
    Call call = madeUp.call(new Prompt.Word("plake"), MATERIAL);
    assertTrue(call.answer().containsAll(List.of("plake", "plaik")), call.answer()::toString);
    assertEquals(
        Result.RIGHT, madeUp.judge(new Prompt.Word("plake"), "plaik", Kinds.MARKERS).result());
    assertFalse(
        madeUp.judge(new Prompt.Word("plake"), "plak", Kinds.MARKERS).result() == Result.RIGHT);
  }

  @ParameterizedTest
  @CsvSource({"join, cat", "gap, The gull sat.", "pairs, hop", "irregular, two words", "beats, 12"})
  void saysWhatIsWrongWithATeachersOwn(String kind, String text) {
    assertThrows(Unacceptable.class, () -> BOOK.of(kind).own(text, MATERIAL));
  }
}
