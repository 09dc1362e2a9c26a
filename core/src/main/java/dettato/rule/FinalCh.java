package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** /tʃ/ at the end: hatch against bench and coach. */
final class FinalCh extends RuleAtUnit {
  FinalCh() {
    super(
        new About(
            "final-ch",
            "tch or ch at the end",
            "/tʃ/ right after one short vowel letter is tch; else ch.",
            "Short vowel just before? Write tch.",
            "The t doubles ch, and so shows that the vowel is short.",
            "tch",
            "ch"),
        right("hatch"),
        right("bench"),
        under("ditch", "dich"),
        over("branch", "brantch"),
        over("coach", "coatch"));
  }

  @Override
  Optional<Opportunity> at(Place place) {
    boolean middleTch = place.grapheme().equals("tch") && !place.endsPart();
    if (!place.sound().equals("tʃ") || !(place.endsPart() || middleTch)) {
      return Optional.empty();
    }
    return Optional.of(
        place.afterShortVowelLetter()
            ? Opportunity.due(
                id(),
                place.index(),
                Set.of("tch"),
                "ch",
                "one short vowel letter stands right before /tʃ/, so tch is due")
            : Opportunity.notDue(
                id(),
                place.index(),
                Set.of("ch"),
                Set.of("tch"),
                "no single short vowel letter stands right before /tʃ/, so ch is due"));
  }
}
