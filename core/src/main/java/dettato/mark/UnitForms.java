package dettato.mark;

import dettato.rule.Opportunity;
import dettato.sound.Sound;
import dettato.word.Readings;
import dettato.word.Unit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Every grapheme that means something for one unit of one word. */
final class UnitForms {
  final Unit unit;
  final String grapheme;
  final boolean vowel;
  final int missing;
  private final FormMap own;
  private final SoundForms shared;
  private final Readings exact;

  UnitForms(Unit unit, SoundForms shared, List<Opportunity> opportunities) {
    this.unit = unit;
    this.grapheme = unit.grapheme().text();
    this.vowel = unit.sound().isVowel();
    this.missing = vowel ? Costs.MISSING_VOWEL : Costs.MISSING_CONSONANT;
    this.shared = shared;
    this.exact = shared.readings(grapheme);
    Map<Integer, Integer> forms = new HashMap<>();
    damaged(forms);
    lookAlikes(forms);
    opportunities.forEach(o -> ruleForms(o, forms));
    if (unit.isShortVowelLetter()) {
      keep(forms, grapheme + "_e", Form.of(Verdict.PARTIAL, Costs.SPLIT_ADDED, "split-added"));
    }
    forms.put(Form.pack(grapheme), Form.of(Verdict.EXACT, 0, ""));
    this.own = new FormMap(forms);
  }

  /** The form of a packed grapheme here, or 0. */
  int form(int packed) {
    int form = own.get(packed);
    return form != 0 ? form : shared.all.get(packed);
  }

  /** How many letters the longest form has that starts with this letter (1 = a); 0: none. */
  int longest(int letter) {
    return Math.max(own.longest(letter), shared.all.longest(letter));
  }

  /** How a grapheme is read, asked whether it says the unit's sound. */
  Readings readings(String written) {
    return written.equals(grapheme) ? exact : shared.readings(written);
  }

  /** The form of a grapheme as a near sound only, or 0. */
  int near(String written) {
    return shared.near.get(Form.pack(written));
  }

  /** Points for one letter that means nothing for the sound. */
  int other(char letter) {
    return Form.isVowel(letter) == vowel ? Costs.OTHER_SAME : Costs.OTHER_MIXED;
  }

  /** Whether the letters are those of the unit's grapheme with some missing or turned round. */
  boolean isDamaged(String written) {
    String letters = unit.grapheme().letters();
    return letters.length() > 1
        && !written.equals(grapheme)
        && (isSubsequence(written, letters) || isTransposed(written, letters));
  }

  private void damaged(Map<Integer, Integer> forms) {
    String letters = unit.grapheme().letters();
    int subsets = letters.length() < 2 ? 0 : 1 << letters.length();
    boolean split = unit.grapheme().isSplit();
    for (int subset = 1; subset < subsets - 1; subset++) {
      StringBuilder kept = new StringBuilder();
      for (int i = 0; i < letters.length(); i++) {
        kept.append((subset >> i & 1) == 1 ? letters.substring(i, i + 1) : "");
      }
      boolean open = split && !kept.toString().equals("e");
      String name = open ? "split-open" : "letters-missing";
      keep(forms, kept.toString(), Form.of(Verdict.PARTIAL, Costs.PARTIAL, name));
    }
    if (split) {
      keep(forms, letters, Form.of(Verdict.PARTIAL, Costs.PARTIAL, "swapped"));
    }
    for (int i = 0; i + 1 < letters.length() && !split; i++) {
      String turned =
          letters.substring(0, i)
              + letters.charAt(i + 1)
              + letters.charAt(i)
              + letters.substring(i + 2);
      if (!turned.equals(letters)) {
        keep(forms, turned, Form.of(Verdict.PARTIAL, Costs.PARTIAL, "swapped"));
      }
    }
  }

  private void lookAlikes(Map<Integer, Integer> forms) {
    if (grapheme.length() == 1) {
      NearSounds.lookAlikes(grapheme.charAt(0))
          .forEach(
              c ->
                  keep(
                      forms, String.valueOf(c), Form.of(Verdict.NEAR, Costs.LOOK_ALIKE, "mirror")));
    }
  }

  private void ruleForms(Opportunity opportunity, Map<Integer, Integer> forms) {
    for (String text : opportunity.over()) {
      if (text.indexOf('_') < 0) {
        keep(forms, text, Form.of(Verdict.ALTERNATIVE, Costs.RULE_FORM, ""));
      }
    }
  }

  /** Keeps a form of the unit's own unless the sound's shared one is as cheap. */
  private void keep(Map<Integer, Integer> forms, String text, int form) {
    int key = Form.pack(text);
    int known = shared.all.get(key);
    if (known == 0 || Form.points(form) < Form.points(known)) {
      SoundForms.cheapest(forms, key, form);
    }
  }

  static boolean isSubsequence(String part, String whole) {
    int at = 0;
    for (int i = 0; i < whole.length() && at < part.length(); i++) {
      at += whole.charAt(i) == part.charAt(at) ? 1 : 0;
    }
    return at == part.length() && part.length() < whole.length();
  }

  private static boolean isTransposed(String written, String letters) {
    if (written.length() != letters.length() || written.equals(letters)) {
      return false;
    }
    int first = 0;
    while (written.charAt(first) == letters.charAt(first)) {
      first++;
    }
    return first + 1 < letters.length()
        && written.charAt(first) == letters.charAt(first + 1)
        && written.charAt(first + 1) == letters.charAt(first)
        && written.substring(first + 2).equals(letters.substring(first + 2));
  }

  Sound sound() {
    return unit.sound();
  }
}
