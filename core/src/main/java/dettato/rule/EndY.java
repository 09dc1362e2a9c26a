package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** y at the end: fry, jelly; inside another spelling: bike. */
final class EndY extends RuleAtUnit {
  EndY() {
    super(
        new About(
            "end-y",
            "y at the end",
            "/aɪ/ at the end of a one-beat word, and the weak last vowel of a longer one, is y; /aɪ/ inside is not.",
            "At the end of the word? Write y.",
            "English words do not end in i, and y stands in for it.",
            "y",
            "i ee ie"),
        right("fry"),
        right("jelly"),
        right("bike"),
        under("fry", "fri"),
        under("jelly", "jellee"),
        over("bike", "byke"));
  }

  @Override
  Optional<Opportunity> at(Place place) {
    boolean ends = place.endsWord() || place.index() + 1 == place.seamUnit();
    if (place.sound().equals("PRICE") && place.beatsUpTo() == 1) {
      boolean last = ends || place.endsBase() && "y".equals(place.grapheme());
      return last
          ? due(place, Set.of("y"), "i", "/aɪ/ ends a one-beat word, so y is due")
          : inside(place);
    }
    return place.sound().equals("happY") && ends && !place.inEnding()
        ? due(place, Set.of("y"), "ee", "a weak vowel ends a longer word, so y is due")
        : Optional.empty();
  }

  private Optional<Opportunity> inside(Place place) {
    boolean common = place.spelled(Set.of("i_e", "igh", "i"));
    return common && place.word().isOneBeat() && place.beforeConsonant()
        ? notDue(
            place,
            Set.of(place.grapheme()),
            Set.of("y", "y_e"),
            "/aɪ/ is inside the word, so " + place.grapheme() + " is due, not y")
        : Optional.empty();
  }
}
