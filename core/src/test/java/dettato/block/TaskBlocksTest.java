package dettato.block;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.exercise.Material;
import dettato.focus.Focus;
import dettato.input.Unacceptable;
import dettato.mark.Result;
import dettato.plan.Pace;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Kinds of block whose items are exercises. */
class TaskBlocksTest {
  private static final Material MATERIAL = Blocks.material();
  private static final BlockBook BOOK = BlockBook.shipped();
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
    BlockKind kind = BOOK.of(id);
    for (Focus focus : FOCUSES) {
      List<Item> items = kind.fill(new Request(List.of(focus), 4, Set.of(), 3), MATERIAL);
      assertTrue(id.equals("gap") ? items.size() <= 4 : items.size() == 4, id + " " + items);
      assertEquals(items.size(), Set.copyOf(items.stream().map(Item::text).toList()).size());
      for (Item item : items) {
        Call call = kind.call(item, MATERIAL);
        assertFalse(call.says().isBlank());
        assertTrue(call.pause() > 0 && kind.seconds(item, MATERIAL, Pace.IN_THE_ROOM) > 0);
        for (String right : call.answer()) {
          assertEquals(
              Result.RIGHT, kind.judge(item.text(), right, Blocks.MARKERS).result(), right);
        }
        assertEquals(Result.BLANK, kind.judge(item.text(), "", Blocks.MARKERS).result());
        if (!id.equals("made-up")) {
          assertFalse(kind.judge(item.text(), "zzz", Blocks.MARKERS).result() == Result.RIGHT);
        }
      }
    }
    assertTrue(BOOK.of(id).checks(List.of(), List.of(), MATERIAL).size() == 1);
  }

  @Test
  void aGapKeepsItsSentenceAndAsksForItsWord() {
    BlockKind gap = BOOK.of("gap");
    Item item = Item.own(gap.own("The gull sat on the  [ledge].", MATERIAL));
    assertEquals("The gull sat on the ____.", gap.call(item, MATERIAL).says());
    assertEquals(List.of("ledge"), gap.call(item, MATERIAL).answer());
    assertEquals(Result.READS_OTHERWISE, gap.judge(item.text(), "lege", Blocks.MARKERS).result());
  }

  @Test
  void aJoinIsSaidApartAndWrittenTogether() {
    assertEquals("hop + ing", BOOK.of("join").call(Item.own("hopping"), MATERIAL).says());
  }

  @Test
  void everyLegalSpellingOfAnInventedWordIsRight() {
    BlockKind madeUp = BOOK.of("made-up");
    Call call = madeUp.call(Item.own("plake"), MATERIAL);
    assertTrue(call.answer().containsAll(List.of("plake", "plaik")), call.answer()::toString);
    assertEquals(Result.RIGHT, madeUp.judge("plake", "plaik", Blocks.MARKERS).result());
    assertFalse(madeUp.judge("plake", "plak", Blocks.MARKERS).result() == Result.RIGHT);
  }

  @ParameterizedTest
  @CsvSource({"join, cat", "gap, The gull sat.", "pairs, hop", "irregular, two words", "beats, 12"})
  void saysWhatIsWrongWithATeachersOwn(String kind, String text) {
    assertThrows(Unacceptable.class, () -> BOOK.of(kind).own(text, MATERIAL));
  }
}
