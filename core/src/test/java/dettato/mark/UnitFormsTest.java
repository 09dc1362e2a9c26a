package dettato.mark;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.sound.Accents;
import dettato.word.Unit;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class UnitFormsTest {
  @ParameterizedTest(name = "{1} as {0} written {2} is {3} {4}")
  @CsvSource({
    "dge, dʒ, dge, EXACT, ''",
    "dge, dʒ, ge, ALTERNATIVE, ''",
    "igh, PRICE, i_e, ALTERNATIVE, ''",
    "sh, ʃ, h, PARTIAL, letters-missing",
    "igh, PRICE, ihg, PARTIAL, swapped",
    "o_e, GOAT, oe, ALTERNATIVE, ''",
    "a_e, FACE, ae, PARTIAL, swapped",
    "a, TRAP, a_e, PARTIAL, split-added",
    "b, b, d, NEAR, mirror",
    "b, b, p, NEAR, voicing",
    "th, θ, f, NEAR, th-fronting",
    "i, KIT, o, NEAR, vowel-neighbour",
    "o, LOT, i, -, ''",
    "ai, FACE, ae, PARTIAL, letter-changed",
    "s, ʒ, zh, PARTIAL, made-up",
    "ea, DRESS, e_e, PARTIAL, split-added",
    "u_e, CUTE, yoo, ALTERNATIVE, ''",
    "t, t, m, -, ''",
    "le, commA+l, ul, ALTERNATIVE, ''",
    "x, k+s, ks, ALTERNATIVE, ''"
  })
  void namesWhatAGraphemeIsForASound(
      String grapheme, String sound, String written, String verdict, String confusion) {
    int form = forms(grapheme, sound).form(Form.pack(written));
    assertEquals(verdict, form == 0 ? "-" : Form.verdict(form).name());
    assertEquals(confusion, form == 0 ? "" : Form.confusion(form));
  }

  @Test
  void aVowelForAConsonantCostsMoreThanAVowelForAVowel() {
    UnitForms vowel = forms("i", "KIT");
    assertTrue(vowel.other('k') > vowel.other('o'));
    assertTrue(vowel.missing > forms("k", "k").missing);
  }

  @ParameterizedTest(name = "{1} is what is left of {0}: {2}")
  @CsvSource({
    "igh, PRICE, i, true",
    "igh, PRICE, ihg, true",
    "igh, PRICE, igh, false",
    "igh, PRICE, e, false",
    "a_e, FACE, a, true",
    "b, b, b, false"
  })
  void knowsDamage(String grapheme, String sound, String written, boolean damaged) {
    assertEquals(damaged, forms(grapheme, sound).isDamaged(written));
  }

  @Test
  void aConsonantGraphemeOfSomePlacesSpeaksOnlyThere() {
    assertTrue(Form.isOnlyInContext(forms("g", "ɡ").form(Form.pack("gu"))));
    assertFalse(Form.isOnlyInContext(forms("k", "k").form(Form.pack("ck"))));
  }

  @Test
  void pricesFollowHowBadASpellingIs() {
    UnitForms forms = forms("sh", "ʃ");
    int exact = Form.points(forms.form(Form.pack("sh")));
    int partial = Form.points(forms.form(Form.pack("h")));
    int near = Form.points(forms.form(Form.pack("tch")));
    assertTrue(exact < partial && partial < near && near < forms.other('p'));
    assertTrue(forms.other('p') < forms.missing + Costs.EXTRA);
  }

  private static UnitForms forms(String grapheme, String sound) {
    Unit unit = Unit.of(grapheme, sound);
    return new UnitForms(unit, SoundForms.shared(unit.sound(), Accents.of("en-GB")), List.of());
  }
}
