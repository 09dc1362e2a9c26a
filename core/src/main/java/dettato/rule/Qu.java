package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;

/** /kw/ is qu: queen. */
final class Qu extends RuleAtUnit {
  private static final Condition DUE =
      due(
          "qu/due",
          "/kw/ stands here, so qu is due",
          "Hear k and w together? Write qu.",
          right("queen"),
          right("squash"),
          under("queen", "kween"),
          under("quick", "qick"));

  Qu() {
    super(
        new About(
            "qu",
            "qu",
            "/kw/ is qu.",
            "Hear k and w together? Write qu.",
            "q is always followed by u in English words, and the two say /kw/.",
            "qu",
            "kw cw q"),
        DUE);
  }

  @Override
  Optional<Opportunity> at(Place place) {
    return place.sound().equals("k+w")
        ? Optional.of(
            DUE.at(place, "qu", DUE.says()).leftOutBy("kw", "cw", "q", "qw", "kwh", "ckw"))
        : Optional.empty();
  }
}
