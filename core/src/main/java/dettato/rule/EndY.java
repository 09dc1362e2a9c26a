package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Condition.notDue;
import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** y at the end: fry, jelly; inside another spelling: bike. */
final class EndY extends RuleAtUnit {
  private static final Condition LONG_I =
      due(
          "end-y/long-i",
          "/aɪ/ ends a one-beat word, so y is due",
          "Hear i say its name at the end of a short word? Write y.",
          right("fry"),
          under("sky", "ski"));
  private static final Condition HAPPY =
      due(
          "end-y/happy",
          "a weak ee ends a longer word, so y is due",
          "Hear ee at the end of a longer word? Write y.",
          right("jelly"),
          right("sadly"),
          under("jelly", "jellee"));
  private static final Condition INSIDE =
      notDue(
          "end-y/inside",
          "/aɪ/ is inside the word, so y is not due",
          "Not at the end: no y.",
          right("bike"),
          over("bike", "byke"));
  private static final Condition EY =
      notDue(
          "end-y/ey",
          "this word is known to have ey, so ey is due, not y alone",
          "Some words have ey: learn them.",
          right("monkey"),
          over("donkey", "donky"));

  EndY() {
    super(
        new About(
            "end-y",
            "y at the end",
            "/aɪ/ at the end of a one-beat word, and the weak ee at the end of a longer one, is y; /aɪ/ inside is not. Some words have ey and must be known.",
            "At the end, when you hear i in a short word or ee in a longer one? Write y.",
            "English words do not end in i, and y stands in for it.",
            "y",
            "i ee ie"),
        LONG_I,
        HAPPY,
        INSIDE,
        EY);
  }

  @Override
  public boolean isByHeart(Opportunity place) {
    return place.condition().equals(EY);
  }

  @Override
  Optional<Opportunity> at(Place place) {
    boolean ends = place.endsWord() || place.index() + 1 == place.seamUnit();
    if (place.sound().equals("PRICE") && place.beatsUpTo() == 1) {
      boolean last = ends || place.endsBase() && place.spelled("y");
      return last ? Optional.of(LONG_I.at(place, "y", LONG_I.says()).plainly("i")) : inside(place);
    }
    if (!place.sound().equals("happY") || !ends) {
      return Optional.empty();
    }
    return Optional.of(
        place.spelled("ey")
            ? EY.at(
                    place,
                    "ey",
                    place.word().spelling() + " is known to have ey, so ey is due, not y alone")
                .tooMuch("y")
            : HAPPY.at(place, "y", HAPPY.says()).plainly("ee"));
  }

  private static Optional<Opportunity> inside(Place place) {
    boolean common = place.spelled(Set.of("i_e", "igh", "i"));
    return common && place.word().isOneBeat() && place.beforeConsonant()
        ? Optional.of(
            INSIDE
                .at(
                    place,
                    place.grapheme(),
                    "/aɪ/ is inside the word, so " + place.grapheme() + " is due, not y")
                .tooMuch("y", "y_e"))
        : Optional.empty();
  }
}
