package dettato.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.List;
import org.junit.jupiter.api.Test;

class RuleIndexTest {
  /** The shortcut by the next letter never changes which rule decides. */
  @Test
  void theFirstRuleThatFitsIsTheOneThatTryingAllInOrderFinds() {
    int checked = 0;
    for (Word word : Lexicon.shipped().words("en-GB")) {
      LetterMasks letters = new LetterMasks(word.spelling());
      for (int i = 0; i < word.cut().size(); i++) {
        int at = word.cut().start(i);
        RuleIndex rules = ReadingRules.rulesOf(word.cut().unit(i).grapheme().text()).orElse(null);
        if (rules != null) {
          assertEquals(inOrder(rules.all(), letters, at), rules.first(letters, at), word + " " + i);
          checked++;
        }
      }
    }
    assertTrue(checked > 50_000, checked + " places");
  }

  @Test
  void theEdgeAndWhatIsNoLetterAreToldApart() {
    LetterMasks word = new LetterMasks("ab'");
    assertEquals(0, word.kind(0));
    assertEquals(27, word.kind(2));
    assertEquals(26, word.kind(3));
    assertTrue(LetterPattern.compile("_").mayStand(0, 26));
    assertTrue(LetterPattern.compile("").mayStand(0, 27));
    LetterPattern consonant = LetterPattern.compile("C");
    assertTrue(!consonant.mayStand(0, 0) && consonant.mayStand(0, 1) && consonant.mayStand(1, 0));
  }

  private static int inOrder(List<ReadingRule> rules, LetterMasks letters, int at) {
    for (int i = 0; i < rules.size(); i++) {
      if (rules.get(i).fits(letters, at)) {
        return i;
      }
    }
    return -1;
  }
}
