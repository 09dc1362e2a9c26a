package dettato.rule;

import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** The vowel after w, wh, qu: warm, quarter. */
final class War extends RuleAtUnit {
  War() {
    super(
        new About(
            "war",
            "ar after w, wh, qu",
            "The vowel of fork after w, wh or qu is ar.",
            "After w, the or sound is written ar.",
            "w changes the vowel that follows it: ar says the vowel of star elsewhere.",
            "ar",
            "or"),
        right("warm"),
        right("quarter"),
        under("warm", "wourm"));
  }

  @Override
  Optional<Opportunity> at(Place place) {
    boolean afterW = place.followsLetters(Set.of("w", "wh", "qu"));
    return afterW && Set.of("NORTH").contains(place.sound())
        ? due(
            place,
            Set.of("ar"),
            "or",
            place.before().orElseThrow().grapheme() + " stands right before, so ar is due")
        : Optional.empty();
  }
}
