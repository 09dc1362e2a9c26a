package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Condition.notDue;
import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** ie against ei: field and receive. */
final class IeEi extends RuleAtUnit {
  private static final Condition IE =
      due(
          "ie-ei/ie",
          "no c stands right before, so ie is due",
          "Hear ee, and no c just before? i before e.",
          right("field"),
          under("field", "feild"));
  private static final Condition AFTER_C =
      notDue(
          "ie-ei/after-c",
          "c stands right before, so ei is due",
          "After c: e before i.",
          right("receive"),
          over("receive", "recieve"));

  IeEi() {
    super(
        new About(
            "ie-ei",
            "ie or ei",
            "When i and e together say ee it is ie, but ei right after c.",
            "When it says ee: i before e, but after c it is ei.",
            "The words with cei were taken from French, where ei was written.",
            "ie",
            "ei"),
        IE,
        AFTER_C);
  }

  @Override
  Optional<Opportunity> at(Place place) {
    boolean either = place.spelled(Set.of("ie", "ei")) && place.sound().equals("FLEECE");
    if (!either || place.inEnding() || place.endsBase()) {
      return Optional.empty();
    }
    return Optional.of(
        place.followsLetters(Set.of("c"))
            ? AFTER_C.at(place, "ei", AFTER_C.says()).tooMuch("ie")
            : IE.at(place, "ie", IE.says()).leftOutBy("ei"));
  }
}
