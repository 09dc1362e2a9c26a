package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** c as /s/, which needs e, i or y next: city, face against sun. */
final class SoftC extends RuleAtUnit {
  private static final Set<String> SOFT = Set.of("c", "ce");

  SoftC() {
    super(
        new About(
            "soft-c",
            "c that says /s/",
            "c says /s/ only before e, i, y: /s/ spelled with c needs one of them next. Which words have c must be known.",
            "Is e, i or y next? Then c may say s. If not, write s.",
            "Before any other letter c would say /k/.",
            "c",
            "s"),
        right("city"),
        right("fence"),
        right("sun"),
        under("city", "sity"),
        over("sun", "cun"));
  }

  @Override
  Optional<Opportunity> at(Place place) {
    if (!place.sound().equals("s") || place.inEnding()) {
      return Optional.empty();
    }
    if (place.spelled(SOFT)) {
      char next = place.grapheme().endsWith("e") ? 'e' : place.nextLetter();
      return due(
          place,
          Set.of(place.grapheme()),
          "s",
          "the word has c, which says /s/ before " + next + ", so " + place.grapheme() + " is due");
    }
    boolean hard = "aou".indexOf(place.nextLetter()) >= 0;
    return place.spelled(Set.of("s", "ss")) && hard
        ? notDue(
            place,
            Set.of(place.grapheme()),
            Set.of("c"),
            "the next letter is " + place.nextLetter() + ", so s is due: c would say /k/")
        : Optional.empty();
  }
}
