package dettato.rule;

import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** The vowel after w, wh, qu: swap, squash. */
final class Wa extends RuleAtUnit {
  Wa() {
    super(
        new About(
            "wa",
            "a after w, wh, qu",
            "The vowel of pot after w, wh or qu is a.",
            "After w, the o sound is written a.",
            "An old habit of the hand: w and o ran together, so a was written.",
            "a",
            "o"),
        right("swap"),
        right("squash"),
        under("swap", "swop"));
  }

  @Override
  Optional<Opportunity> at(Place place) {
    boolean afterW = place.followsLetters(Set.of("w", "wh", "qu"));
    return afterW && Set.of("LOT", "CLOTH").contains(place.sound())
        ? due(
            place,
            Set.of("a"),
            "o",
            place.before().orElseThrow().grapheme() + " stands right before, so a is due")
        : Optional.empty();
  }
}
