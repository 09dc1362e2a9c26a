package dettato.rule;

import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** The vowel after w: worm, work. */
final class Wor extends RuleAtUnit {
  Wor() {
    super(
        new About(
            "wor",
            "or after w",
            "The vowel of bird after w is or.",
            "After w, the er sound is written or.",
            "w changes the vowel that follows it: or says /ɔː/ elsewhere.",
            "or",
            "er ir ur"),
        right("worm"),
        right("work"),
        under("worm", "werm"));
  }

  @Override
  Optional<Opportunity> at(Place place) {
    boolean afterW = place.followsLetters(Set.of("w", "wh"));
    return afterW && Set.of("NURSE").contains(place.sound())
        ? due(
            place,
            Set.of("or"),
            "er",
            place.before().orElseThrow().grapheme() + " stands right before, so or is due")
        : Optional.empty();
  }
}
