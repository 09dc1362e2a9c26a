package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** ie against ei: field and receive. */
final class IeEi extends RuleAtUnit {
  IeEi() {
    super(
        new About(
            "ie-ei",
            "ie or ei",
            "The vowel of leaf with these two letters is ie, but ei right after c.",
            "i before e, but after c it is ei.",
            "The words with cei were taken from French, where ei was written.",
            "ei",
            "ie"),
        right("field"),
        right("receive"),
        under("receive", "recieve"),
        over("field", "feild"));
  }

  @Override
  Optional<Opportunity> at(Place place) {
    boolean either = place.spelled(Set.of("ie", "ei")) && place.sound().equals("FLEECE");
    if (!either || place.inEnding()) {
      return Optional.empty();
    }
    return place.followsLetters(Set.of("c"))
        ? Optional.of(
            Opportunity.due(
                    id(), place.index(), Set.of("ei"), "c stands right before, so ei is due")
                .leftOutBy("ie"))
        : notDue(place, Set.of("ie"), Set.of("ei"), "no c stands right before, so ie is due");
  }
}
