package dettato.rule;

import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** The ending s even when heard as /z/: beds, runs. */
final class PluralSZ extends RuleAtUnit {
  PluralSZ() {
    super(
        new About(
            "plural-s-z",
            "s that says /z/",
            "The plural or he/she/it ending is s even when heard as /z/.",
            "More than one? Write s, even if you hear z.",
            "The ending keeps one spelling so that it keeps one meaning.",
            "s",
            "z"),
        right("beds"),
        right("runs"),
        under("hens", "henz"),
        under("boxes", "boxez"));
  }

  @Override
  Optional<Opportunity> at(Place place) {
    boolean ending = place.join(Set.of("s", "es")).isPresent() && place.endsWord();
    return switch (ending ? place.sound() : "") {
      case "z" -> Optional.of(due(place, "s").leftOutBy("z", "zz", "ze"));
      case "KIT+z" -> Optional.of(due(place, "es").leftOutBy("ez"));
      default -> Optional.empty();
    };
  }

  private Opportunity due(Place place, String ending) {
    return Opportunity.due(
        id(),
        place.index(),
        Set.of(ending),
        "the /z/ is the ending of " + place.word().join().orElseThrow().base() + ", so s is due");
  }
}
