package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** The vowel after w: worm, work. */
final class Wor extends RuleAtUnit {
  private static final Condition W =
      due(
          "wor/w",
          "w stands right before, so or is due",
          "After w: write or.",
          right("work"),
          under("worm", "werm"));

  Wor() {
    super(
        new About(
            "wor",
            "or after w",
            "The vowel of bird after w is or.",
            "After w the er sound is written or.",
            "w changes the vowel that follows it: or says /ɔː/ elsewhere.",
            "or",
            "er ir ur"),
        W);
  }

  @Override
  Optional<Opportunity> at(Place place) {
    return place.followsLetters(Set.of("w")) && Set.of("NURSE").contains(place.sound())
        ? Optional.of(W.at(place, "or", W.says()).plainly("er"))
        : Optional.empty();
  }
}
