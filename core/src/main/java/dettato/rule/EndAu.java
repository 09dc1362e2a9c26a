package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** aw at the end against au inside: claw and sauce. */
final class EndAu extends RuleAtUnit {
  EndAu() {
    super(
        new About(
            "end-au",
            "aw at the end, au inside",
            "The vowel of hawk at the end of a word or base is aw; inside it is au, or aw before n, l and k.",
            "At the end? Write aw. Inside, au, but aw before n, l or k.",
            "English words do not end in u.",
            "aw",
            "au"),
        right("claw"),
        right("sauce"),
        under("claw", "clau"),
        over("sauce", "sawce"));
  }

  @Override
  Optional<Opportunity> at(Place place) {
    if (!place.sound().equals("THOUGHT")) {
      return Optional.empty();
    }
    if (place.endsPart()) {
      return due(place, Set.of("aw"), "au", "the vowel ends the word or its base, so aw is due");
    }
    if (!place.spelled(Set.of("au", "aw"))) {
      return Optional.empty();
    }
    boolean either = "nlk".indexOf(place.nextLetter()) >= 0;
    return either
        ? Optional.empty()
        : notDue(place, Set.of("au"), Set.of("aw"), "the vowel is inside the word, so au is due");
  }
}
