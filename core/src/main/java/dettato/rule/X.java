package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** /ks/ in one stem is x: fox against socks. */
final class X extends RuleAtUnit {
  X() {
    super(
        new About(
            "x",
            "x",
            "/ks/ in one stem is x; where s is an ending, the stem keeps its k, ck or ke: socks, cakes.",
            "Is it one thing only? Write x. More than one? Keep the word and add s.",
            "The stem keeps its spelling, so that the eye knows it.",
            "x",
            "cks ks"),
        right("fox"),
        right("socks"),
        under("fox", "focks"),
        over("socks", "sox"));
  }

  @Override
  Optional<Opportunity> at(Place place) {
    if (place.sound().equals("k+s")) {
      return due(place, Set.of("x"), "ks", "/ks/ stands in one stem, so x is due");
    }
    boolean ending = place.join(Set.of("s")).isPresent() && place.endsBase();
    return place.sound().equals("k") && ending
        ? notDue(
            place,
            Set.of(place.grapheme()),
            Set.of("x"),
            "the s is an ending, so the stem keeps its "
                + place.grapheme()
                + ": that is due, not x")
        : Optional.empty();
  }
}
