package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** The vowel after w, wh, qu: swap, what, squash. */
final class Wa extends RuleAtUnit {
  private static final Condition W =
      due(
          "wa/w",
          "w stands right before, so a is due",
          "After w: write a.",
          right("swap"),
          under("wand", "wond"));
  private static final Condition WH =
      due(
          "wa/wh",
          "wh stands right before, so a is due",
          "After wh: write a.",
          right("what"),
          under("what", "whot"));
  private static final Condition QU =
      due(
          "wa/qu",
          "qu stands right before, so a is due",
          "After qu: write a.",
          right("squash"),
          under("quality", "quolity"));

  Wa() {
    super(
        new About(
            "wa",
            "a after w, wh, qu",
            "The vowel of pot after w, wh or qu is a.",
            "After w, wh or qu the o sound is written a.",
            "w rounds the vowel that follows it, so that a came to say what o says.",
            "a",
            "o"),
        W,
        WH,
        QU);
  }

  @Override
  Optional<Opportunity> at(Place place) {
    return Set.of("LOT", "CLOTH").contains(place.sound())
        ? conditions().stream()
            .filter(c -> place.followsLetters(Set.of(c.id().substring(c.id().indexOf('/') + 1))))
            .findFirst()
            .map(c -> c.at(place, "a", c.says()).plainly("o"))
        : Optional.empty();
  }
}
