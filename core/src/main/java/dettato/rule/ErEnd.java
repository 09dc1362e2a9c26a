package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** er at the end: winter, against doctor and collar, which must be known. */
final class ErEnd extends RuleAtUnit {
  ErEnd() {
    super(
        new About(
            "er-end",
            "er at the end",
            "The weak last vowel of winter is most often er. A weak rule: doctor, collar, colour and others must be known; a weak last vowel that no r belongs to is a.",
            "A weak er at the end? Try er first.",
            "Words for people and tools that do something are made with -er.",
            "er",
            "or ar a"),
        right("winter"),
        right("panda"),
        under("winter", "winta"),
        over("panda", "pander"));
  }

  @Override
  public boolean isWeak() {
    return true;
  }

  @Override
  Optional<Opportunity> at(Place place) {
    boolean ends = place.endsPart();
    if (place.sound().equals("lettER") && ends) {
      return due(place, Set.of("er"), "or", "the weak last vowel has an r, so er is due");
    }
    return place.sound().equals("commA") && place.endsWord() && place.spelled(Set.of("a"))
        ? notDue(place, Set.of("a"), Set.of("er"), "the weak last vowel has no r, so a is due")
        : Optional.empty();
  }
}
