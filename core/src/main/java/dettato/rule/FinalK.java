package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import dettato.word.Join;
import dettato.word.Unit;
import java.util.Optional;
import java.util.Set;

/** /k/ at the end: duck against milk and picnic. */
final class FinalK extends RuleAtUnit {
  FinalK() {
    super(
        new About(
            "final-k",
            "ck, k or c at the end",
            "/k/ at the end right after one short vowel letter is ck; else k, or c in a longer word ending -ic.",
            "Short vowel just before? Write ck.",
            "A doubled consonant letter shows that the vowel before it is short; English doubles k as ck.",
            "ck",
            "k"),
        right("duck"),
        right("milk"),
        right("picnic"),
        under("brick", "brik"),
        over("desk", "desck"),
        over("cheek", "cheeck"));
  }

  @Override
  Optional<Opportunity> at(Place place) {
    boolean middleCk = place.grapheme().equals("ck") && !place.endsPart();
    if (!place.sound().equals("k") || !(place.endsPart() || middleCk)) {
      return Optional.empty();
    }
    if (place.endsBase() && place.word().join().orElseThrow().change() == Join.Change.DOUBLED) {
      return Optional.empty();
    }
    if (isWeakIc(place)) {
      return Optional.of(
          Opportunity.notDue(
              id(),
              place.index(),
              Set.of("c"),
              Set.of("ck"),
              "a longer word ends in weak -ic, so c is due"));
    }
    if (place.afterShortVowelLetter()) {
      return Optional.of(
          Opportunity.due(
                  id(),
                  place.index(),
                  Set.of("ck"),
                  "one short vowel letter stands right before /k/, so ck is due")
              .leftOutBy("k", "c", "kk", "cc"));
    }
    return Optional.of(
        Opportunity.notDue(
            id(),
            place.index(),
            Set.of("k"),
            Set.of("ck"),
            "no single short vowel letter stands right before /k/, so k is due"));
  }

  private static boolean isWeakIc(Place place) {
    return !place.word().isOneBeat()
        && place
            .before()
            .filter(u -> u.grapheme().text().equals("i") && u.stress() != Unit.Stress.MAIN)
            .isPresent();
  }
}
