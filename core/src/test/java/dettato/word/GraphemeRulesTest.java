package dettato.word;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class GraphemeRulesTest {
  /** The shortcut by the next letter never changes which rule decides. */
  @Test
  void theFirstRuleThatFitsIsTheOneThatTryingAllInOrderFinds() {
    int checked = 0;
    for (Word word : Lexicon.shipped().words("en-GB")) {
      char[] letters = word.spelling().toCharArray();
      for (int i = 0; i < word.cut().size(); i++) {
        int at = word.cut().start(i);
        GraphemeRules rules = Reader.rulesOf(word.cut().unit(i).grapheme().text()).orElse(null);
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
    char[] word = "ab'".toCharArray();
    assertEquals(0, LetterPattern.kind(word, 0));
    assertEquals(27, LetterPattern.kind(word, 2));
    assertEquals(26, LetterPattern.kind(word, 3));
    assertTrue(LetterPattern.compile("_").mayStart(26));
    assertTrue(LetterPattern.compile("").mayStart(27));
    assertTrue(!LetterPattern.compile("C").mayStart(0) && LetterPattern.compile("C").mayStart(1));
  }

  private static int inOrder(List<ReadingRule> rules, char[] letters, int at) {
    for (int i = 0; i < rules.size(); i++) {
      if (rules.get(i).fitsAround(letters, at)) {
        return i;
      }
    }
    return -1;
  }
}
