package dettato.mark;

import dettato.reading.Readings;
import dettato.rule.Opportunity;
import dettato.sound.Correspondence;
import dettato.sound.Correspondences;
import dettato.sound.Grapheme;
import dettato.sound.Sound;
import dettato.word.Unit;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/** Every grapheme that means something for one unit of one word. */
final class UnitForms {
  /** Letters of other weak vowels, which one without stress is hardly told from (pensul, yella). */
  private static final Map<String, List<String>> WEAK_BY =
      Map.of("KIT", List.of("a", "o", "u"), "GOAT", List.of("a", "er"));

  /** What a short vowel is by itself; o for the vowel of cup is read so only in some words. */
  private static final Map<String, String> OWN_LETTER =
      Map.of(
          "TRAP", "a", "BATH", "a", "DRESS", "e", "KIT", "i", "LOT", "o", "CLOTH", "o", "STRUT",
          "u", "FOOT", "u");

  /** Letters of consonants that IPA writes otherwise. */
  private static final Map<String, String> OWN_CONSONANT =
      Map.of("ɡ", "g", "k", "ck", "dʒ", "j", "j", "y");

  /** Letters that spell a vowel only where it has no stress; rever is no way to write river. */
  private static final Map<String, List<String>> ONLY_WEAK = Map.of("KIT", List.of("e", "a"));

  private static final List<String> VOWEL_LETTERS = List.of("a", "e", "i", "o", "u");

  private static final int WEAK = Form.of(Verdict.NEAR, Costs.NEAR, "vowel-neighbour");

  final Unit unit;
  final String grapheme;
  final boolean vowel;
  final int missing;

  /** The sounds that the unit's is made of in the accent; empty for a single one. */
  final List<Sound> parts;

  private final List<String> onlyWeak;
  private final Set<String> ruleForms = new HashSet<>();
  private final FormMap own;
  private final FormMap rest;
  private final SoundForms shared;
  private final Readings exact;

  UnitForms(Unit unit, SoundForms shared, List<Opportunity> opportunities) {
    this.unit = unit;
    this.grapheme = unit.grapheme().text();
    this.vowel = unit.sound().isVowel();
    this.missing = vowel ? Costs.MISSING_VOWEL : Costs.MISSING_CONSONANT;
    this.shared = shared;
    this.parts = shared.parts;
    this.onlyWeak =
        unit.stress() == Unit.Stress.NONE
            ? List.of()
            : ONLY_WEAK.getOrDefault(unit.sound().id(), List.of());
    this.exact = shared.readings(grapheme);
    Map<Integer, Integer> forms = new HashMap<>();
    Map<Integer, Integer> outOfPlace = new HashMap<>();
    damaged()
        .forEach(
            (text, form) -> {
              SoundForms.cheapest(outOfPlace, Form.pack(text), form);
              keep(forms, text, form);
            });
    int changed = Form.of(Verdict.PARTIAL, Costs.LETTER_CHANGED, "letter-changed");
    ChangedLetter.of(unit.grapheme()).forEach(text -> keep(forms, text, changed));
    lookAlikes(forms);
    halfRuns(forms);
    opportunities.forEach(o -> ruleForms(o, forms));
    if (unit.sound().kind() == Sound.Kind.SHORT) {
      addedE(forms);
    }
    weakBy().forEach(text -> keep(forms, text, WEAK));
    if (isWeakEnd()) {
      int weak = Form.of(Verdict.ALTERNATIVE, Costs.alternative(Correspondence.Use.RARE), "");
      VOWEL_LETTERS.forEach(text -> keep(forms, text, weak));
    }
    onlyWeak.forEach(
        text -> {
          int near = shared.near.get(Form.pack(text));
          int other = Form.of(Verdict.OTHER, Costs.OTHER_SAME, "");
          forms.put(Form.pack(text), near == 0 ? other : near);
        });
    forms.put(Form.pack(grapheme), Form.of(Verdict.EXACT, 0, ""));
    this.own = new FormMap(forms);
    this.rest = new FormMap(outOfPlace);
  }

  /** The form of a packed grapheme here, or 0. */
  int form(int packed) {
    int form = own.get(packed);
    return form != 0 ? form : shared.all.get(packed);
  }

  /** The form of a packed grapheme where it cannot be read as the sound, or 0. */
  int formOutOfPlace(int packed) {
    int form = shared.near.get(packed);
    return form != 0 ? form : rest.get(packed);
  }

  /** How many letters the longest form has that starts with this letter (1 = a); 0: none. */
  int longest(int letter) {
    return Math.max(own.longest(letter), shared.all.longest(letter));
  }

  /** How a grapheme is read, asked whether it says the unit's sound. */
  Readings readings(String written) {
    if (written.equals(grapheme)) {
      return exact;
    }
    return onlyWeak.contains(written) ? Readings.NONE : shared.readings(written);
  }

  /** The form of a grapheme as a near sound only, or 0. */
  int near(String written) {
    return weakBy().contains(written) ? WEAK : shared.near.get(Form.pack(written));
  }

  /** Whether it is a weak vowel without an r of its own, which any vowel letter may stand for. */
  boolean isWeakEnd() {
    return unit.sound().id().equals("lettER") && !shared.isRhotic();
  }

  private List<String> weakBy() {
    boolean weak = unit.stress() == Unit.Stress.NONE;
    return weak ? WEAK_BY.getOrDefault(unit.sound().id(), List.of()) : List.of();
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

  /** Whether one letter is what a usual split digraph of the sound leaves without its e (mun). */
  boolean isOpenSplit(String written) {
    return written.length() == 1
        && unit.sound().kind() == Sound.Kind.LONG
        && Correspondences.find(unit.sound(), new Grapheme(written + "_e"))
            .filter(Correspondence::isUsual)
            .isPresent();
  }

  /** Whether English spells the sound so in any word, however rare (the z of azure). */
  boolean mayBeSpelled(String written) {
    return Correspondences.find(unit.sound(), new Grapheme(written)).isPresent();
  }

  /** What may be left of the grapheme, with its form. */
  private Map<String, Integer> damaged() {
    Map<String, Integer> forms = new HashMap<>();
    String letters = unit.grapheme().letters();
    int subsets = letters.length() < 2 ? 0 : 1 << letters.length();
    boolean split = unit.grapheme().isSplit();
    for (int subset = 1; subset < subsets - 1; subset++) {
      StringBuilder kept = new StringBuilder();
      for (int i = 0; i < letters.length(); i++) {
        kept.append((subset >> i & 1) == 1 ? letters.substring(i, i + 1) : "");
      }
      String name = damage(kept.toString(), split);
      forms.put(kept.toString(), Form.of(Verdict.PARTIAL, Costs.PARTIAL, name));
    }
    if (split) {
      forms.put(letters, Form.of(Verdict.PARTIAL, Costs.PARTIAL, "swapped"));
    }
    for (int i = 0; i + 1 < letters.length() && !split; i++) {
      String turned =
          letters.substring(0, i)
              + letters.charAt(i + 1)
              + letters.charAt(i)
              + letters.substring(i + 2);
      if (!turned.equals(letters)) {
        forms.putIfAbsent(turned, Form.of(Verdict.PARTIAL, Costs.PARTIAL, "swapped"));
      }
    }
    return forms;
  }

  /** What is left of the grapheme: an open split digraph, a letter by its name, or just a part. */
  String damage(String kept, boolean split) {
    if (kept.length() == unit.grapheme().letters().length()) {
      return "swapped";
    }
    if (split && !kept.equals("e")) {
      return "split-open";
    }
    return LetterNames.isNameOf(kept, unit.sound()) ? "letter-name" : "letters-missing";
  }

  /** A silent e after the letter a short vowel has here, or mostly has: plane for plan. */
  private void addedE(Map<Integer, Integer> forms) {
    int form = Form.of(Verdict.PARTIAL, Costs.SPLIT_ADDED, "split-added");
    (unit.isShortVowelLetter()
            ? Stream.of(grapheme)
            : "aeiou".chars().mapToObj(Character::toString).filter(this::isShortVowelBy))
        .forEach(letter -> keep(forms, letter + "_e", form));
  }

  private void lookAlikes(Map<Integer, Integer> forms) {
    if (grapheme.length() == 2 && grapheme.charAt(0) == grapheme.charAt(1)) {
      int form = Form.of(Verdict.NEAR, Costs.LOOK_ALIKE, "mirror");
      NearSounds.lookAlikes(grapheme.charAt(0))
          .forEach(c -> forms.put(Form.pack("" + c + c), form));
    }
    if (grapheme.length() == 1) {
      NearSounds.lookAlikes(grapheme.charAt(0))
          .forEach(
              c ->
                  keep(
                      forms, String.valueOf(c), Form.of(Verdict.NEAR, Costs.LOOK_ALIKE, "mirror")));
    }
  }

  private void ruleForms(Opportunity opportunity, Map<Integer, Integer> forms) {
    int form = Form.of(Verdict.ALTERNATIVE, Costs.RULE_FORM, "");
    Stream.concat(opportunity.over().stream(), opportunity.under().stream())
        .filter(text -> !text.isEmpty() && text.indexOf('_') < 0 && !isKnownOtherwise(text))
        .forEach(
            text -> {
              keep(forms, text, form);
              ruleForms.add(text);
            });
  }

  /** A near sound's letters, or what is left of the right ones, are that first. */
  private boolean isKnownOtherwise(String text) {
    int known = shared.all.get(Form.pack(text));
    boolean near = known != 0 && Form.verdict(known) == Verdict.NEAR;
    boolean legal = known != 0 && Form.verdict(known) == Verdict.ALTERNATIVE;
    return near || isDamaged(text) && !legal;
  }

  /** Whether a rule that decides here names this spelling, as too much or as too little. */
  boolean isNamedByRule(String written) {
    return ruleForms.contains(written);
  }

  /** Whether it is the letter of the unit's consonant, which says the child heard it (wuns). */
  boolean isOwnLetter(String written) {
    String sound = unit.sound().id();
    return written.equals(sound) || OWN_CONSONANT.getOrDefault(sound, "-").contains(written);
  }

  /** Whether it is the letter that stands for the unit's short vowel by itself. */
  boolean isShortVowelBy(String written) {
    return written.equals(OWN_LETTER.get(unit.sound().id()))
        || unit.sound().id().equals("THOUGHT") && written.equals("o") && shared.isClothMerged();
  }

  /** A run of two sounds of which only one is spelled; /əl/ is one sound to most ears. */
  private void halfRuns(Map<Integer, Integer> forms) {
    boolean pair = unit.sound().parts().size() == 2;
    if (!pair || unit.sound().id().equals("commA+l")) {
      return;
    }
    for (Sound part : unit.sound().parts()) {
      Correspondences.of(part).stream()
          .filter(Correspondence::isUsual)
          .filter(c -> !c.grapheme().isSplit())
          .forEach(
              c ->
                  keep(
                      forms, c.grapheme().text(), Form.of(Verdict.NEAR, Costs.NEAR, "sound-lost")));
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
