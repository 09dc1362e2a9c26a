package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** /f l s z/ at the end of a one-beat word: cliff against leaf and wolf. */
final class FinalDouble extends RuleAtUnit {
  FinalDouble() {
    super(
        new About(
            "final-double",
            "ff ll ss zz at the end",
            "/f l s z/ at the end of a one-beat word right after one short vowel letter is ff, ll, ss, zz.",
            "Short vowel, then f, l, s or z at the end? Double it.",
            "A doubled letter shows that the vowel before it is short.",
            "ff ll ss zz",
            "f l s z"),
        right("cliff"),
        right("shell"),
        right("leaf"),
        right("wolf"),
        under("cliff", "clif"),
        over("beef", "beeff"));
  }

  private static final Map<String, Set<String>> PLAIN =
      Map.of(
          "f",
          Set.of("f"),
          "l",
          Set.of("l"),
          "s",
          Set.of("s", "se", "ce"),
          "z",
          Set.of("z", "se", "ze"));

  @Override
  Optional<Opportunity> at(Place place) {
    Set<String> plain = PLAIN.get(place.sound());
    if (plain == null || !place.endsPart() || place.inEnding() || place.beatsUpTo() != 1) {
      return Optional.empty();
    }
    String doubled = place.sound() + place.sound();
    if (place.afterShortVowelLetter() || isAllOrRoll(place)) {
      return Optional.of(
          Opportunity.due(
              id(),
              place.index(),
              Set.of(doubled),
              place.sound(),
              "one short vowel letter stands right before /"
                  + place.sound()
                  + "/ at the end of a one-beat word, so "
                  + doubled
                  + " is due"));
    }
    if (!place.grapheme().startsWith(place.sound())) {
      return Optional.empty();
    }
    return Optional.of(
        Opportunity.notDue(
            id(),
            place.index(),
            place.grapheme().equals(doubled) ? plain : Set.of(place.grapheme()),
            Set.of(doubled),
            "no single short vowel letter stands right before /"
                + place.sound()
                + "/, so one "
                + place.sound()
                + " is due"));
  }

  /** all and roll double their l as words with a short vowel do. */
  private static boolean isAllOrRoll(Place place) {
    return place.sound().equals("l")
        && place.before().filter(u -> u.grapheme().text().matches("[aou]")).isPresent();
  }
}
