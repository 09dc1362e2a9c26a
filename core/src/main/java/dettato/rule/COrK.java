package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** /k/ before another letter: kettle against cabin and crab. */
final class COrK extends RuleAtUnit {
  COrK() {
    super(
        new About(
            "c-or-k",
            "c or k at the start and inside",
            "/k/ is k before e, i, y; c before any other letter.",
            "Is e, i or y next? Write k. If not, write c.",
            "c before e, i or y would say /s/.",
            "k",
            "c"),
        right("kettle"),
        right("cabin"),
        right("crab"),
        under("kit", "cit"),
        over("cup", "kup"));
  }

  @Override
  Optional<Opportunity> at(Place place) {
    boolean inside = !place.endsPart() && !place.inEnding();
    boolean plain = Set.of("c", "k", "ch").contains(place.grapheme());
    if (!place.sound().equals("k") || !inside || !plain || beforeLe(place)) {
      return Optional.empty();
    }
    char next = place.nextLetter();
    return Optional.of(
        "eiy".indexOf(next) >= 0
            ? Opportunity.due(
                id(),
                place.index(),
                Set.of("k"),
                "c",
                "the next letter is " + next + ", so k is due")
            : Opportunity.notDue(
                id(),
                place.index(),
                Set.of("c"),
                Set.of("k"),
                "the next letter is " + next + ", so c is due"));
  }

  /** ankle and uncle: before -le the word must be known. */
  private static boolean beforeLe(Place place) {
    return place.after().filter(u -> u.grapheme().text().equals("le")).isPresent();
  }
}
