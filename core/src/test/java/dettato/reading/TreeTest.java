package dettato.reading;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TreeTest {
  private static final List<String> ANSWERS = List.of("KIT", "PRICE");

  /** About the i of the words, which stands at the second place. */
  @ParameterizedTest
  @CsvSource({
    "+1n, pine, true",
    "+1C, pie, false",
    "+2_, pin, true",
    "+3_, pine, true",
    "-1pb, pine, true",
    "-2_, pine, true",
    "-2_, spine, false",
    ">1, pine, true",
    ">1, pin, false",
    "<1, pine, false",
    "=1, pinned, true",
    "=1, pined, false"
  })
  void asksAboutTheLettersAround(String question, String word, boolean holds) {
    int at = word.indexOf('i');
    assertEquals(
        holds, Question.parse(question).holds(new LetterMasks(word), at, at + 1), question);
  }

  @Test
  void isReadFromItsText() {
    Tree tree = Tree.parse("?+2eiy PRICE.900,KIT.100 KIT.1000", ANSWERS::indexOf);
    int silentE = tree.end(new LetterMasks("pine"), 1, 2);
    assertArrayEquals(new int[] {1, 0}, tree.answers(silentE));
    assertArrayEquals(new float[] {0.9f, 0.1f}, tree.chances(silentE));
    assertArrayEquals(new int[] {0}, tree.answers(tree.end(new LetterMasks("pin"), 1, 2)));
  }

  @Test
  void growsAQuestionThatTellsTheAnswersApart() {
    List<Grower.Seen> seen = new ArrayList<>();
    for (String word : List.of("pin", "sit", "lid", "wig")) {
      seen.add(new Grower.Seen(new LetterMasks(word), 1, 2, 0, 1));
      seen.add(new Grower.Seen(new LetterMasks(word + "e"), 1, 2, 1, 1));
    }
    String text = Grower.grow(seen, ANSWERS, 3);
    assertTrue(text.startsWith("?"), text);
    Tree tree = Tree.parse(text, ANSWERS::indexOf);
    assertEquals(0, tree.answers(tree.end(new LetterMasks("bit"), 1, 2))[0], text);
    assertEquals(1, tree.answers(tree.end(new LetterMasks("bite"), 1, 2))[0], text);
    assertEquals(text, Grower.grow(seen, ANSWERS, 3));
    assertFalse(Grower.grow(seen.subList(0, 1), ANSWERS, 3).startsWith("?"));
  }

  @Test
  void refusesWhatIsNoQuestion() {
    assertThrows(IllegalArgumentException.class, () -> Question.parse("*1"));
    assertThrows(IllegalArgumentException.class, () -> Question.parse("+9a"));
  }
}
