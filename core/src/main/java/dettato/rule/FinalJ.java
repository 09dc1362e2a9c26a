package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** /dʒ/ at the end: ledge against cage and hinge. */
final class FinalJ extends RuleAtUnit {
  FinalJ() {
    super(
        new About(
            "final-j",
            "dge or ge at the end",
            "/dʒ/ right after one short stressed vowel letter is dge; else ge; never j.",
            "Short vowel just before? Write dge. No word ends in j.",
            "The d shows that the vowel before it is short; the e keeps g soft; English words do not end in j.",
            "dge",
            "ge"),
        right("ledge"),
        right("cage"),
        right("hinge"),
        under("badge", "bage"),
        under("badge", "baj"),
        over("cage", "cadge"),
        over("hinge", "hindge"));
  }

  @Override
  Optional<Opportunity> at(Place place) {
    boolean middleDge = place.grapheme().startsWith("dg") && !place.endsPart();
    if (!place.sound().equals("dʒ") || !(place.endsPart() || middleDge)) {
      return Optional.empty();
    }
    return Optional.of(
        place.afterShortVowelLetter() && place.afterStressedVowel()
            ? Opportunity.due(
                id(),
                place.index(),
                beforeEnding(place) ? Set.of("dge", "dg") : Set.of("dge"),
                place.grapheme().equals("dg") ? "g" : "ge",
                "one short vowel letter stands right before /dʒ/, so dge is due")
            : Opportunity.notDue(
                    id(),
                    place.index(),
                    beforeEnding(place) ? Set.of("ge", "g") : Set.of("ge"),
                    Set.of("dge", "dg"),
                    "no single short stressed vowel letter stands right before /dʒ/, so ge is due")
                .leftOutBy("j", "g"));
  }

  /** Before an ending the e may have gone (badger, caged) or have joined the ending (ledges). */
  private static boolean beforeEnding(Place place) {
    return !place.word().cut().isLast(place.index());
  }
}
