package dettato.activity;

import static org.junit.jupiter.api.Assertions.assertEquals;

import dettato.focus.Focus;
import dettato.focus.FocusAt;
import dettato.rule.Opportunity;
import dettato.rule.Side;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.word.Word;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class FocusAtTest {
  private static final Accent ACCENT = Accents.of("en-GB");
  private static final Focus RAIN = new Focus.Rivals("eɪ", List.of("ai", "ay"));
  private static final Focus IT = new Focus.Rivals("ɪ", List.of("i", "y"));

  private static final Focus APPLE = new Focus.Rivals("əl", List.of("le", "el"));

  /** A word, the unit it is about, and what is asked there. */
  private static void assertAsks(int unit, String asks, Focus focus, String spelling) {
    Word word = Kinds.word(spelling);
    FocusAt at = FocusAt.of(focus, word, ACCENT).orElseThrow();
    assertEquals(unit, at.unit(), spelling);
    assertEquals(asks, at.asks(), spelling);
  }

  @Test
  void aRuleAsksForTheSideItDecides() {
    assertAsks(2, "DUE", Kinds.FINAL_J, "badge");
    assertAsks(2, "NOT_DUE", Kinds.FINAL_J, "cage");
    Word badge = Kinds.word("badge");
    assertEquals(
        Optional.of(Side.DUE),
        FocusAt.of(Kinds.FINAL_J, badge, ACCENT).flatMap(FocusAt::decided).map(Opportunity::side));
  }

  @Test
  void rivalsAskForTheGraphemeThatIsThereEvenOneNotNamed() {
    assertAsks(1, "ai", RAIN, "rain");
    assertAsks(1, "ay", RAIN, "day");
    assertAsks(1, "a_e", RAIN, "cake");
  }

  @Test
  void aWeakVowelAndLAskForTheLettersOfBoth() {
    assertAsks(3, "el", APPLE, "camel");
    assertAsks(2, "le", APPLE, "apple");
  }

  @Test
  void aWordWithoutThePlaceAsksNothing() {
    assertEquals(Optional.empty(), FocusAt.of(Kinds.FINAL_J, Kinds.word("rain"), ACCENT));
    assertEquals(Optional.empty(), FocusAt.of(RAIN, Kinds.word("badge"), ACCENT));
    assertEquals(Optional.empty(), FocusAt.of(new Focus.Irregular(), Kinds.word("said"), ACCENT));
  }

  @Test
  void ofSeveralTheRuleIsAskedBeforeAnyRivalAndThenTheEarliestPlace() {
    Word cage = Kinds.word("cage");
    FocusAt ruled = FocusAt.first(List.of(RAIN, Kinds.FINAL_J), cage, ACCENT).orElseThrow();
    assertEquals(2, ruled.unit());
    assertEquals("NOT_DUE", ruled.asks());
    Word mistake = Kinds.word("mistake");
    assertEquals(1, FocusAt.first(List.of(RAIN, IT), mistake, ACCENT).orElseThrow().unit());
  }
}
