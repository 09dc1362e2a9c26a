package dettato.session;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.session.Outlook.About;
import dettato.session.Outlook.AskedWord;
import dettato.session.Outlook.Line;
import dettato.session.Outlook.Next;
import dettato.session.Outlook.OnGround;
import dettato.session.Outlook.Said;
import dettato.session.Outlook.SoundsOff;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class OutlookTest {
  private static final String CONSONANT = "final-ch/consonant";

  private static OnGround ground(String child, long id, String condition, int failed, int tested) {
    return new OnGround(child, id, condition.split("/")[0], condition, failed, tested);
  }

  private static List<OnGround> failing(int children, int of) {
    return IntStream.range(0, of)
        .mapToObj(i -> ground("Child" + i, i, CONSONANT, i < children ? 2 : 0, 3))
        .toList();
  }

  private static Said said(int papers, List<OnGround> grounds) {
    return Outlook.of(papers, grounds, List.of(), List.of());
  }

  /** The ground that most children fail on, however often one of them fails on another. */
  @Test
  void namesTheGroundThatMostFailOn() {
    List<OnGround> all =
        List.of(
            ground("Orla", 1, CONSONANT, 1, 3),
            ground("Umar", 2, CONSONANT, 1, 3),
            ground("Wilf", 3, CONSONANT, 0, 3),
            ground("Wilf", 3, "final-k/short", 5, 5));
    Said said = said(10, all);
    assertEquals(
        new Line(About.RULE, "2 of 3: Orla, Umar", "2 of 3", "Orla, Umar", CONSONANT),
        said.lines().get(0));
    assertEquals(Optional.of(new Next("final-ch", CONSONANT, List.of(1L, 2L))), said.next());
  }

  @Test
  void whatMoreThanAThirdNeedIsForTheClass() {
    assertEquals(9, said(28, failing(9, 28)).next().orElseThrow().children().size());
    assertEquals(List.of(), said(28, failing(10, 28)).next().orElseThrow().children());
    assertTrue(said(28, failing(10, 28)).lines().get(0).says().endsWith("Child4 and 5 more"));
  }

  /** One failure of one child is a slip, and no line. */
  @Test
  void aSlipIsNoLine() {
    Said said = said(10, List.of(ground("Orla", 1, CONSONANT, 1, 3)));
    assertEquals(List.of(About.WELL), said.lines().stream().map(Line::about).toList());
    assertEquals(Optional.empty(), said.next());
  }

  @Test
  void namesTheWordMostMissAndHowMostWroteIt() {
    List<AskedWord> words =
        List.of(
            new AskedWord("stitch", 12, List.of("stich", "stich", "stish")),
            new AskedWord("hatch", 12, List.of("hach", "hatc")),
            new AskedWord("pouch", 12, List.of()));
    Said said = Outlook.of(12, List.of(), words, List.of());
    assertEquals(
        List.of(new Line(About.WORD, "stitch is off on 3 of 12 papers, stich on 2")), said.lines());
  }

  @Test
  void namesWhoHasSoundsMissing() {
    Said said =
        Outlook.of(
            12, List.of(), List.of(), List.of(new SoundsOff("Yusra", 4), new SoundsOff("Ines", 2)));
    assertEquals(
        "Yusra: a sound is missing or changed in 3 words or more", said.lines().get(0).says());
  }

  @Test
  void saysThatAllIsWell() {
    List<AskedWord> words =
        List.of(new AskedWord("hatch", 12, List.of("hach")), new AskedWord("pouch", 12, List.of()));
    assertEquals(
        List.of(new Line(About.WELL, "23 of 24 words are right on 12 papers")),
        Outlook.of(12, List.of(), words, List.of()).lines());
    assertEquals(List.of(), Outlook.of(0, List.of(), words, List.of()).lines());
  }
}
