package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Condition.notDue;
import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** /k/ before another letter: kettle against cabin and crab. */
final class COrK extends RuleAtUnit {
  private static final Condition E_I_Y =
      due(
          "c-or-k/e-i-y",
          "the next letter is e, i or y, so k is due",
          "Is e, i or y next? Write k.",
          right("kettle"),
          right("skin"),
          under("kit", "cit"));
  private static final Condition A_O_U =
      notDue(
          "c-or-k/a-o-u",
          "the next letter is a, o or u, so c is due",
          "Is a, o or u next? Write c.",
          right("cabin"),
          over("cup", "kup"));
  private static final Condition CONSONANT =
      notDue(
          "c-or-k/consonant",
          "the next letter is a consonant, so c is due",
          "Is a consonant next? Write c.",
          right("crab"),
          over("clap", "klap"));

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
        E_I_Y,
        A_O_U,
        CONSONANT);
  }

  @Override
  Optional<Opportunity> at(Place place) {
    boolean inside = !place.endsPart() && !place.inEnding();
    boolean plain = Set.of("c", "k", "ch").contains(place.grapheme());
    if (!place.sound().equals("k") || !inside || !plain || beforeLe(place)) {
      return Optional.empty();
    }
    char next = place.nextLetter();
    String why = "the next letter is " + next + ", so ";
    if ("eiy".indexOf(next) >= 0) {
      return Optional.of(E_I_Y.at(place, "k", why + "k is due").plainly("c"));
    }
    Condition other = "aou".indexOf(next) >= 0 ? A_O_U : CONSONANT;
    return Optional.of(other.at(place, "c", why + "c is due").tooMuch("k"));
  }

  /** ankle and uncle: before -le the word must be known. */
  private static boolean beforeLe(Place place) {
    return place.after().filter(u -> u.grapheme().text().equals("le")).isPresent();
  }
}
