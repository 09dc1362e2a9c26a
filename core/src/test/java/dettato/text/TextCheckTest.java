package dettato.text;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.plan.TeachingSequence;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.word.Homophones;
import dettato.word.Lexicon;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TextCheckTest {
  private static final Accent BRITISH = Accents.of("en-GB");
  private static final TeachingSequence SEQUENCE = TeachingSequence.shipped();
  private static final TextCheck CHECK =
      new TextCheck(
          new SentenceReader(Lexicon.shipped(), BRITISH, SEQUENCE),
          BRITISH,
          SEQUENCE,
          new Homophones(Lexicon.shipped().words("en-GB"), BRITISH));
  private static final TextCheck.Target AI_AY =
      new TextCheck.Target.Spellings("eɪ", List.of("ai", "ay"));

  @ParameterizedTest(name = "{0} in: {2}")
  @CsvSource(
      delimiter = '|',
      value = {
        "NO_TARGET | 200 | The dog sat on a mat. |",
        "EMPTY_COLUMN | 200 | The rain fell on a train. |",
        "UNEVEN_COLUMNS | 200 | Rain and snails wait on the train in pain for a tray. |",
        "NO_END_MARK | 200 | It may rain | rain",
        "NO_CAPITAL_START | 200 | it may rain. | it",
        "NAME_WITHOUT_CAPITAL | 200 | It may rain on tuesday. | tuesday",
        "UNKNOWN_WORD | 200 | It may rain on the plaxine. | plaxine",
        "UNTAUGHT | 18 | It may rain. | rain",
        "LOOK_ALIKE | 200 | They said it may rain. | said",
        "TOO_LONG | 200 | It may rain and then it may stop and then it may rain again and again. |",
        "WORD_TWICE | 200 | The train may wait for a train. | train",
        "HOMOPHONE | 200 | The tail may trail. | tail"
      })
  void namesEachFlawAndItsWord(TextCheck.Kind kind, int step, String text, String word) {
    TextCheck.Checked checked = CHECK.check(text, step, AI_AY);
    List<TextCheck.Warning> found =
        checked.warnings().stream().filter(w -> w.kind() == kind).toList();
    assertEquals(1, found.size(), checked.warnings()::toString);
    assertEquals(word == null ? "" : word, found.get(0).word());
  }

  @Test
  void findsNothingToMendInAGoodText() {
    TextCheck.Checked checked =
        CHECK.check("Anna may paint a snail. The clay is grey.", SEQUENCE.last(), AI_AY);
    assertEquals(List.of(), checked.warnings());
  }

  @Test
  void tellsWordByWordWhatStandsWhereAndWhatItTests() {
    TextCheck.Checked checked =
        CHECK.check("A badge, the edge!", SEQUENCE.last(), new TextCheck.Target.Rule("final-j"));
    assertEquals(
        List.of(0, 2, 9, 13), checked.words().stream().map(TextCheck.CheckedWord::at).toList());
    assertEquals(
        "final-j/short",
        checked.words().get(1).rules().stream()
            .filter(t -> t.rule().equals("final-j"))
            .findFirst()
            .orElseThrow()
            .condition());
    assertTrue(
        checked.counts().contains(new TextCheck.Count("dʒ", "dge", List.of("badge", "edge"))),
        checked.counts()::toString);
  }

  @Test
  void anEmptyTextHoldsNothing() {
    TextCheck.Checked checked = CHECK.check("  ", SEQUENCE.last(), new TextCheck.Target.None());
    assertEquals(List.of(), checked.words());
    assertEquals(List.of(), checked.warnings());
  }
}
