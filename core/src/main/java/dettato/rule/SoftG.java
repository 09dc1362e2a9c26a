package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Condition.notDue;
import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/**
 * /dʒ/ before another letter: jar has j, hinge keeps its e. Which words have g before e, i, y and
 * which have j must be known, so jem for gem says nothing of the rule.
 */
final class SoftG extends RuleAtUnit {
  private static final Condition KEPT_SOFT =
      due(
          "soft-g/kept-soft",
          "the e keeps g soft, so ge is due",
          "Keep the e: it makes g say j.",
          right("hinge"),
          right("pigeon"),
          under("hinge", "hing"));
  private static final Condition HARD_NEXT =
      notDue(
          "soft-g/hard-next",
          "the next letter is no e, i or y, so j is due: g would say /ɡ/",
          "Is e, i or y next? If not, write j.",
          right("jar"),
          over("joke", "goke"));

  SoftG() {
    super(
        new About(
            "soft-g",
            "g or j for /dʒ/",
            "g says /dʒ/ only before e, i, y: before a, o, u it is j, and a last g keeps an e. Which words have g before e, i, y must be known.",
            "Is a, o or u next? Write j. Only before e, i or y can g say j.",
            "Before a, o and u, and at the end, g says /ɡ/.",
            "ge",
            "j"),
        KEPT_SOFT,
        HARD_NEXT);
  }

  @Override
  Optional<Opportunity> at(Place place) {
    if (!place.sound().equals("dʒ") || place.inEnding()) {
      return Optional.empty();
    }
    char next = place.nextLetter();
    boolean last = place.endsWord();
    if (place.spelled("ge") && (last || "aou".indexOf(next) >= 0)) {
      String without = place.grapheme().substring(0, place.grapheme().length() - 1);
      String why = last ? "the e at the end keeps g soft" : "the e keeps g soft before " + next;
      return Optional.of(
          KEPT_SOFT
              .at(place, place.grapheme(), why + ", so " + place.grapheme() + " is due")
              .leftOutBy(without));
    }
    return "aou".indexOf(next) >= 0 && place.spelled(Set.of("j", "g"))
        ? Optional.of(
            HARD_NEXT
                .at(place, "j", "the next letter is " + next + ", so j is due: g would say /ɡ/")
                .tooMuch("g"))
        : Optional.empty();
  }
}
