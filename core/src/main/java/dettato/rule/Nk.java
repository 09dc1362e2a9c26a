package dettato.rule;

import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** /ŋ/ before /k/ is n: think. */
final class Nk extends RuleAtUnit {
  Nk() {
    super(
        new About(
            "nk",
            "n before k",
            "/ŋ/ before /k/ is n.",
            "Before k, n is enough: nk, not ngk.",
            "The tongue is already at the back for /k/, so n needs no g.",
            "nk",
            "ngk"),
        right("think"),
        right("sank"),
        under("think", "thingk"));
  }

  @Override
  Optional<Opportunity> at(Place place) {
    boolean beforeK = place.precedes("k") || place.precedes("k+s") || place.precedes("k+w");
    return place.sound().equals("ŋ") && beforeK && !place.endsPart()
        ? due(place, Set.of("n"), "ng", "/ŋ/ stands right before /k/, so n is due")
        : Optional.empty();
  }
}
