package dettato.activity;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.choose.Material;
import dettato.focus.Focus;
import dettato.input.Unacceptable;
import dettato.mark.Result;
import dettato.mark.SentenceMarker.Kind;
import dettato.plan.Pace;
import dettato.prompt.Prompt;
import dettato.prompt.PromptCodec;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Kinds of block whose answers are no single word. */
class KindsTest {
  private static final Material MATERIAL = Kinds.material();
  private static final Activities BOOK = Kinds.ALL;
  private static final Needs NEEDS =
      new Needs(
          List.of(new Needs.Broken("final-ch/short", 4)),
          Set.of("hach"),
          List.of(),
          List.of(
              new Needs.Due(new Prompt.Card("ai", "/eɪ/"), "new"),
              new Needs.Due(new Prompt.Card("said", "by heart"), "new")),
          List.of("ɔː"),
          Set.of());

  private static Judged judged(String kind, String text, String written) {
    return BOOK.of(kind).judge(Kinds.typed(kind, text), written, Kinds.MARKERS);
  }

  private static List<Item> filled(String kind, Focus focus, int count) {
    return BOOK.of(kind)
        .fill(
            new Request(
                List.of(focus),
                count,
                Set.of(),
                Item.Role.FOCUS,
                NEEDS,
                List.of("hatch", "coach", "The gull sat on the beach."),
                false,
                4),
            MATERIAL);
  }

  private static List<Prompt> prompts(List<Item> items) {
    return items.stream().map(Item::prompt).toList();
  }

  static Stream<String> kinds() {
    return BOOK.kinds().stream().map(Activity::id);
  }

  /**
   * Twenty kinds: each fills itself on a rule, keeps its own items as they are, can be called and
   * timed, is right when answered as it says, and blank when nothing is written.
   */
  @ParameterizedTest
  @MethodSource("kinds")
  void fillsKeepsCallsTimesAndMarks(String id) {
    Activity kind = BOOK.of(id);
    List<Item> items = filled(id, new Focus.Rule("final-ch"), 4);
    assertFalse(items.isEmpty(), id);
    assertTrue(id.equals("cards") || items.size() <= 4, id);
    assertTrue(items.size() <= kind.traits().most());
    for (Item item : items) {
      assertEquals(item.prompt(), kind.own(item.text(), MATERIAL), id);
      assertEquals(item.prompt(), PromptCodec.read(PromptCodec.write(item.prompt())), id);
      assertTrue(item.text().length() <= 300, id);
      Call call = kind.call(item.prompt(), MATERIAL);
      assertFalse(call.says().isBlank());
      assertTrue(kind.seconds(item.prompt(), MATERIAL, Pace.IN_THE_ROOM) > 0);
      if (kind.traits().isSpoken()) {
        assertEquals(Result.BLANK, kind.judge(item.prompt(), "", Kinds.MARKERS).result());
      } else if (!id.equals("own-sentence")) {
        for (String right : call.answer()) {
          assertEquals(
              Result.RIGHT, kind.judge(item.prompt(), right, Kinds.MARKERS).result(), item + right);
        }
        assertEquals(Result.BLANK, kind.judge(item.prompt(), " ", Kinds.MARKERS).result());
      }
    }
    assertEquals(20, BOOK.kinds().size());
    Set<String> declared =
        kind.traits().forms().stream().map(Form.Name::name).collect(Collectors.toSet());
    for (Form form : kind.forms(prompts(items), MATERIAL)) {
      assertTrue(
          declared.contains(form.getClass().getSimpleName().toUpperCase(Locale.ROOT)),
          id + " " + form);
    }
  }

  /**
   * On a device each item stands by itself, of every kind that is written; its answer is among what
   * may be chosen, and where it is written nothing there gives it away.
   */
  @ParameterizedTest
  @MethodSource("kinds")
  void standsAloneOnADevice(String id) {
    Activity kind = BOOK.of(id);
    List<Item> items = filled(id, new Focus.Rule("final-ch"), 4);
    List<Alone> alone = kind.alone(prompts(items), MATERIAL);
    assertEquals(kind.traits().isSpoken() ? 0 : items.size(), alone.size());
    for (int i = 0; i < alone.size(); i++) {
      Alone one = alone.get(i);
      List<String> answers = kind.call(items.get(i).prompt(), MATERIAL).answer();
      if (one.options().isEmpty()) {
        String seen = " " + one.before() + " " + one.after() + " ";
        boolean reads = !one.reading().isEmpty() || id.equals("own-sentence");
        assertTrue(reads || answers.stream().noneMatch(a -> seen.contains(" " + a + " ")), seen);
      } else {
        assertTrue(one.options().contains(answers.get(0)), one + ": " + answers);
        assertTrue(one.options().size() > 1, one.toString());
      }
    }
  }

  @ParameterizedTest
  @CsvSource({"hunt", "questions"})
  void whatIsAboutATextComesWithIt(String id) {
    List<Item> items = filled(id, new Focus.Rule("final-ch"), 4);
    BOOK.of(id)
        .alone(prompts(items), MATERIAL)
        .forEach(a -> assertTrue(a.reading().split(" ").length > 30, a.toString()));
  }

  /** Children know a word, and none of the signs for its sounds. */
  @Test
  void aSoundToHuntIsNamedByAWord() {
    List<Prompt> items = List.of(Kinds.typed("hunt", "/iː/ in The red kite [see; tree; sea]"));
    assertEquals(
        "Find the words with /iː/, as in leaf.",
        BOOK.of("hunt").alone(items, MATERIAL).get(0).before());
  }

  /** A word that is to be sorted by how it is spelled is heard, not seen. */
  @Test
  void aWordToSortIsNotSeen() {
    List<Prompt> items = Kinds.typed("sort", "crunch [ch | tch]", "hatch [tch | ch]");
    assertEquals(
        List.of(
            Alone.choice("Which column?", List.of("ch", "tch")),
            Alone.choice("Which column?", List.of("ch", "tch"))),
        BOOK.of("sort").alone(items, MATERIAL));
  }

  @ParameterizedTest(name = "{0} [{1}]: {2} of {3}, {4} too many")
  @CsvSource(
      delimiter = '|',
      value = {
        "/eɪ/ [ai; ay; a-e] | ay, ai, a_e | 3 | 3 | 0",
        "/eɪ/ [ai; ay; a-e] | a-e ay | 2 | 3 | 0",
        "/eɪ/ [ai; ay; a-e] | ai ee | 1 | 3 | 1",
        "/eɪ/, one way [ai; ay; a-e] | ay | 1 | 1 | 0",
        "/eɪ/, one way [ai; ay; a-e] | ee | 0 | 1 | 1",
        "/ʃ/ [sh] | sh | 1 | 1 | 0"
      })
  void countsGraphemesOfASound(String text, String written, int right, int asked, int extra) {
    Judged judged = judged("sounds", text, written);
    assertEquals(right, judged.right());
    assertEquals(asked, judged.asked());
    assertEquals(extra, judged.words().stream().filter(w -> w.kind() == Kind.EXTRA).count());
    assertEquals(right == asked && extra == 0, judged.result() == Result.RIGHT);
  }

  /** Found, missed, and what is not there. */
  @Test
  void aHuntCountsWhatWasFound() {
    Judged judged = judged("hunt", "/iː/ in The red kite [see; tree; sea]", "tree, sea, red");
    assertEquals(2, judged.right());
    assertEquals(3, judged.asked());
    assertEquals(
        List.of("see"),
        judged.words().stream()
            .filter(w -> w.kind() == Kind.MISSING)
            .map(w -> w.target())
            .toList());
    assertEquals(
        List.of("red"),
        judged.words().stream().filter(w -> w.kind() == Kind.EXTRA).map(w -> w.written()).toList());
  }

  @ParameterizedTest(name = "{1}: {2}, signs off {3}")
  @CsvSource(
      delimiter = '#',
      value = {
        "Kite: Where did it land? [in a tree | in the sea] # in a tree # true # 0",
        "Kite: Where did it land? [in a tree | in the sea] # In the sea. # false # 0",
        "Kite: Where did it land? [in a tree | in the sea] # It landed in a tree. # true # 0",
        "Kite: Where did it land? [in a tree | in the sea] # it landed in a tree # true # 2"
      })
  void aQuestionIsChosenOrAnsweredInASentence(
      String text, String written, boolean right, int signsOff) {
    Judged judged = judged("questions", text, written);
    assertEquals(right, judged.right() == 1);
    assertEquals(signsOff, judged.signsOff());
  }

  /** Letters and marks apart: four results. */
  @ParameterizedTest(name = "{1}: letters {2}, marks {3}")
  @CsvSource({
    "cake, c a-e k, true, true",
    "cake, c.a.k.e, true, false",
    "cake, cake, true, false",
    "cake, c a-e c, false, false",
    "ship, sh i p, true, true",
    "ship, s h i p, true, false",
    "ship, sh e p, false, false"
  })
  void lettersAndMarksAreJudgedApart(String text, String written, boolean letters, boolean marks) {
    Judged judged = judged("mark-up", text, written);
    assertEquals(
        letters, judged.words().get(0).mark().orElseThrow().result() == Result.RIGHT, written);
    assertEquals(marks, judged.words().get(1).kind() == Kind.MATCH, written);
  }

  @ParameterizedTest(name = "{1}: target {2}, signs off {3}, unknown {4}")
  @CsvSource(
      delimiter = '|',
      value = {
        "ledge | The gull sat on a ledge. | RIGHT | 0 | ''",
        "ledge | the gull sat on a lege | READS_OTHERWISE | 2 | ''",
        "ledge | A gull sat on the flor by a ledge. | RIGHT | 0 | flor",
        "ledge | The gull sat down. | LOST | 0 | ''",
        "because | I hid becos it was wet. | READS_RIGHT | 0 | ''"
      })
  void aSentenceOfTheirOwnHoldsItsTarget(
      String target, String written, String result, int signsOff, String unknown) {
    Judged judged = judged("own-sentence", target, written);
    var word =
        judged.words().stream()
            .filter(w -> w.target().equalsIgnoreCase(target))
            .findFirst()
            .orElseThrow();
    assertEquals(result, word.mark().map(m -> m.result().name()).orElse("LOST"), judged::toString);
    assertEquals(signsOff, judged.signsOff(), judged::toString);
    assertEquals(
        unknown,
        String.join(
            " ",
            judged.words().stream()
                .filter(w -> w.target().isEmpty())
                .map(w -> w.written())
                .toList()));
  }

  @Test
  void soundsMissedLatelyComeFirstAndThoseOfTheFocusLast() {
    List<Item> items = filled("sounds", new Focus.Rivals("eɪ", List.of("ai", "ay")), 3);
    assertTrue(items.get(0).text().startsWith("/ɔː/"), items::toString);
    assertEquals("missed lately", items.get(0).why());
    assertTrue(items.get(2).text().startsWith("/eɪ/"), items::toString);
  }

  @Test
  void columnsHaveTwoWordsAtLeast() {
    List<Item> items = filled("sort", new Focus.Rule("final-ch"), 8);
    assertEquals(List.of(), BOOK.of("sort").checks(prompts(items), List.of(), MATERIAL));
    assertEquals(
        Check.Kind.ONE_SIDED,
        BOOK.of("sort")
            .checks(
                Kinds.typed("sort", "crunch [ch]", "bench [ch]", "hatch [tch]"),
                List.of(),
                MATERIAL)
            .get(0)
            .kind());
  }

  @Test
  void theClassesOwnMistakeIsToBeFound() {
    Prompt.Choice asked =
        (Prompt.Choice) filled("slip", new Focus.Rule("final-ch"), 1).get(0).prompt();
    assertEquals(List.of("hach"), asked.answers());
    assertTrue(List.of(asked.asks().split(" ")).contains("hach"));
  }

  @ParameterizedTest
  @CsvSource({
    "sounds, /eɪ/",
    "sounds, /xx/ [a; b]",
    "sort, crunch",
    "hunt, [see]",
    "own-sentence, 12",
    "cards, ai",
    "read, 12",
    "mark-up, two words",
    "questions, Where?"
  })
  void saysWhatIsWrongWithATeachersOwn(String kind, String text) {
    assertThrows(Unacceptable.class, () -> BOOK.of(kind).own(text, MATERIAL));
  }
}
