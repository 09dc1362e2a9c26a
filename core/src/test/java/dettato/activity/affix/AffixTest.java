package dettato.activity.affix;

import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.activity.Kinds;
import org.junit.jupiter.api.Test;

class AffixTest {
  @Test
  void theBaseOfASuffixIsANounAndThatOfAPrefixIsNot() {
    for (Affix affix : Affix.shipped()) {
      String pos = Kinds.word(affix.base()).pos();
      boolean suffix = affix.affix().startsWith("-");
      assertTrue(
          Kinds.LEXICON.find(affix.word(), "en-GB").isPresent()
              || Kinds.LEXICON.find(affix.word(), "en-US").isPresent(),
          affix.word());
      assertTrue(pos.matches(suffix ? ".*n.*" : ".*[varf].*"), affix.base() + " " + pos);
    }
  }
}
