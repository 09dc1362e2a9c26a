package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** /dʒ/ before another letter: g only before e, i, y; j before a, o, u. */
final class SoftG extends RuleAtUnit {
  SoftG() {
    super(
        new About(
            "soft-g",
            "g or j for /dʒ/",
            "/dʒ/ may be g only before e, i, y (which words have g must be known); before a, o, u it is j.",
            "Is a, o or u next? Write j. Before e, i or y it may be g.",
            "Before a, o and u the letter g says /ɡ/.",
            "g",
            "j"),
        right("giant"),
        right("gem"),
        right("jar"),
        right("joke"),
        under("germ", "jerm"),
        over("jam", "gam"));
  }

  @Override
  Optional<Opportunity> at(Place place) {
    if (!place.sound().equals("dʒ") || place.endsPart()) {
      return Optional.empty();
    }
    char next = place.nextLetter();
    if ("aou".indexOf(next) >= 0) {
      return notDue(
          place,
          Set.of("j"),
          Set.of("g"),
          "the next letter is " + next + ", so j is due: g would say /ɡ/");
    }
    return place.spelled(Set.of("g", "gg")) && "eiy".indexOf(next) >= 0
        ? Optional.of(
            Opportunity.due(
                    id(),
                    place.index(),
                    Set.of(place.grapheme()),
                    "the word has g and " + next + " makes it say /dʒ/, so g is due")
                .leftOutBy("j", "jj"))
        : Optional.empty();
  }
}
