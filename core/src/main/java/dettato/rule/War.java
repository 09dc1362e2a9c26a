package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** The vowel after w, wh, qu: warm, wharf, quarter. */
final class War extends RuleAtUnit {
  private static final Condition W =
      due(
          "war/w",
          "w stands right before, so ar is due",
          "After w: write ar.",
          right("warm"),
          under("warm", "worm"));
  private static final Condition WH =
      due(
          "war/wh",
          "wh stands right before, so ar is due",
          "After wh: write ar.",
          right("wharf"),
          under("wharf", "whorf"));
  private static final Condition QU =
      due(
          "war/qu",
          "qu stands right before, so ar is due",
          "After qu: write ar.",
          right("quarter"),
          under("quarter", "quorter"));

  War() {
    super(
        new About(
            "war",
            "ar after w, wh, qu",
            "The vowel of fork after w, wh or qu is ar.",
            "After w, wh or qu the or sound is written ar.",
            "w changes the vowel that follows it: ar says the vowel of star elsewhere.",
            "ar",
            "or"),
        W,
        WH,
        QU);
  }

  @Override
  Optional<Opportunity> at(Place place) {
    return Set.of("NORTH").contains(place.sound())
        ? conditions().stream()
            .filter(c -> place.followsLetters(Set.of(c.id().substring(c.id().indexOf('/') + 1))))
            .findFirst()
            .map(c -> c.at(place, "ar", c.says()).plainly("or"))
        : Optional.empty();
  }
}
