package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Condition.notDue;
import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import dettato.word.Join;
import java.util.Optional;
import java.util.Set;

/** f that turns to ves: leaves against roofs. */
final class FToVes extends RuleAtUnit {
  private static final Condition TURNS =
      due(
          "f-to-ves/turns",
          "the f turns to v before the ending, so v is due",
          "Hear v? Write v.",
          right("leaves"),
          under("leaves", "leafs"));
  private static final Condition KEEPS =
      notDue(
          "f-to-ves/keeps",
          "this word keeps its f",
          "Hear f? Keep f.",
          right("roofs"),
          over("roofs", "rooves"));

  FToVes() {
    super(
        new About(
            "f-to-ves",
            "f to ves",
            "Some words in f, fe, lf turn to ves; the others, such as roofs and cliffs, must be known.",
            "Hear v in leaves? Write v. Hear f in roofs? Keep f.",
            "The sound changed long ago and the letter followed it.",
            "ve",
            "f"),
        TURNS,
        KEEPS);
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
          TURNS
              .at(
                  place,
                  place.grapheme(),
                  "the f of " + base + " turns to v before the ending, so v is due")
              .leftOutBy(
                  place.spelled("ve") ? new String[] {"f", "fe", "ff"} : new String[] {"f", "ff"}));
    }
    boolean keeps = place.sound().equals("f") && base.matches(".*fe?");
    return keeps
        ? Optional.of(
            KEEPS
                .at(place, place.grapheme(), base + " keeps its f, so f is due")
                .tooMuch("ve", "v"))
        : Optional.empty();
  }
}
