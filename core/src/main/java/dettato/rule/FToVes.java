package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import dettato.word.Join;
import java.util.Optional;
import java.util.Set;

/** f that turns to ves: leaves against roofs. */
final class FToVes extends RuleAtUnit {
  FToVes() {
    super(
        new About(
            "f-to-ves",
            "f to ves",
            "Some words in f, fe, lf turn to ves; the others, such as roofs and cliffs, must be known.",
            "Hear v in leaves? Write v.",
            "The sound changed long ago and the letter followed it.",
            "ve",
            "f"),
        right("leaves"),
        right("roofs"),
        under("leaves", "leafs"),
        over("roofs", "rooves"));
  }

  @Override
  Optional<Opportunity> at(Place place) {
    Optional<Join> join = place.join(Set.of("s", "es"));
    if (join.isEmpty() || !place.endsBase()) {
      return Optional.empty();
    }
    String base = join.get().base();
    if (join.get().change() == Join.Change.F_TO_V) {
      return Optional.of(
          Opportunity.due(
                  id(),
                  place.index(),
                  Set.of(place.grapheme()),
                  "the f of " + base + " turns to v before the ending, so v is due")
              .leftOutBy(
                  place.spelled(Set.of("ve"))
                      ? new String[] {"f", "fe", "ff"}
                      : new String[] {"f", "ff"}));
    }
    return place.sound().equals("f")
        ? notDue(
            place, Set.of(place.grapheme()), Set.of("ve", "v"), base + " keeps its f, so f is due")
        : Optional.empty();
  }
}
