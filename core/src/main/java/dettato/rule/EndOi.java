package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** /ɔɪ/ at the end against inside: toy and coin. */
final class EndOi extends RuleAtUnit {
  EndOi() {
    super(
        new About(
            "end-oi",
            "oy at the end, oi inside",
            "/ɔɪ/ at the end of a word or base is oy; inside, before a consonant, it is oi.",
            "At the end? Write oy. Not at the end? Write oi.",
            "English words do not end in i.",
            "oy",
            "oi"),
        right("toy"),
        right("enjoyed"),
        right("coin"),
        under("toy", "toi"),
        over("coin", "coyn"));
  }

  @Override
  Optional<Opportunity> at(Place place) {
    if (!place.sound().equals("CHOICE")) {
      return Optional.empty();
    }
    if (place.endsPart()) {
      return due(place, Set.of("oy"), "oi", "/ɔɪ/ ends the word or its base, so oy is due");
    }
    return place.beforeConsonant()
        ? notDue(
            place, Set.of("oi"), Set.of("oy"), "/ɔɪ/ is inside before a consonant, so oi is due")
        : Optional.empty();
  }
}
