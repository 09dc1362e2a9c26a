package dettato.rule;

import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** /kw/ is qu: queen. */
final class Qu extends RuleAtUnit {
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
        right("queen"),
        right("squash"),
        under("queen", "kween"),
        under("quick", "qick"));
  }

  @Override
  Optional<Opportunity> at(Place place) {
    return place.sound().equals("k+w")
        ? Optional.of(
            Opportunity.due(id(), place.index(), Set.of("qu"), "/kw/ stands here, so qu is due")
                .leftOutBy("kw", "cw", "q", "qw", "kwh", "ckw"))
        : Optional.empty();
  }
}
