package dettato.rule;

import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** /v/ at the end: give, sleeve. */
final class EndV extends RuleAtUnit {
  EndV() {
    super(
        new About(
            "end-v",
            "ve at the end",
            "No word ends in v: /v/ at the end is ve.",
            "Never leave v at the end: put an e after it.",
            "English words do not end in v.",
            "ve",
            "v"),
        right("give"),
        right("sleeve"),
        under("give", "giv"),
        under("sleeve", "sleev"));
  }

  /** Where the e belongs to a split digraph (gave), leaving it out is a fact of that. */
  @Override
  Optional<Opportunity> at(Place place) {
    boolean plain = place.sound().equals("v") && place.endsPart() && !place.inEnding();
    boolean dropped = place.nextLetter() != ' ' && !place.spelled(Set.of("ve"));
    boolean split = place.before().filter(u -> u.grapheme().isSplit()).isPresent();
    return plain && !split && !dropped
        ? due(place, Set.of("ve"), "v", "/v/ ends the word, so ve is due")
        : Optional.empty();
  }
}
