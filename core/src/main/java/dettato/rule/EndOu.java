package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** ow at the end against ou inside: cow and cloud. */
final class EndOu extends RuleAtUnit {
  EndOu() {
    super(
        new About(
            "end-ou",
            "ow at the end, ou inside",
            "The vowel of cloud at the end of a word or base is ow; inside it is mostly ou. A weak rule: town, owl and others have ow inside.",
            "At the end? Write ow. Inside, most often ou.",
            "English words do not end in u.",
            "ow",
            "ou"),
        right("cow"),
        right("cloud"),
        under("cow", "cou"),
        over("cloud", "clowd"));
  }

  @Override
  public boolean isWeak() {
    return true;
  }

  @Override
  Optional<Opportunity> at(Place place) {
    if (!place.sound().equals("MOUTH")) {
      return Optional.empty();
    }
    return place.endsPart()
        ? due(place, Set.of("ow"), "ou", "the vowel ends the word or its base, so ow is due")
        : notDue(place, Set.of("ou"), Set.of("ow"), "the vowel is inside the word, so ou is due");
  }
}
