package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Condition.notDue;
import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;

/** /ŋ/ before /k/ is n: think, against thing. */
final class Nk extends RuleAtUnit {
  private static final Condition DUE =
      due(
          "nk/due",
          "/ŋ/ stands right before /k/, so n is due",
          "Hear k after it? n is enough: nk.",
          right("think"),
          right("sank"),
          under("think", "thingk"));
  private static final Condition NG =
      notDue(
          "nk/ng",
          "no /k/ is heard after /ŋ/, so ng is due",
          "No k to be heard? Write ng.",
          right("thing"),
          over("king", "kink"));

  Nk() {
    super(
        new About(
            "nk",
            "n before k",
            "/ŋ/ before /k/ is n; where no /k/ is heard it is ng.",
            "Hear k after it? Write nk, not ngk. No k? Write ng.",
            "The tongue is already at the back for /k/, so n needs no g.",
            "nk",
            "ngk"),
        DUE,
        NG);
  }

  @Override
  Optional<Opportunity> at(Place place) {
    if (!place.sound().equals("ŋ")) {
      return Optional.empty();
    }
    boolean beforeK = place.precedes("k") || place.precedes("k+s") || place.precedes("k+w");
    if (beforeK) {
      return place.endsPart()
          ? Optional.empty()
          : Optional.of(DUE.at(place, "n", DUE.says()).plainly("ng"));
    }
    return place.endsPart() && !place.inEnding()
        ? Optional.of(NG.at(place, "ng", NG.says()).tooMuch("nk"))
        : Optional.empty();
  }
}
