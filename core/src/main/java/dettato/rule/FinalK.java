package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Condition.notDue;
import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import dettato.word.Join;
import dettato.word.Unit;
import java.util.Optional;

/** /k/ at the end: duck against milk and picnic. */
final class FinalK extends RuleAtUnit {
  private static final Condition SHORT =
      due(
          "final-k/short",
          "one short or weak vowel letter stands right before /k/, so ck is due",
          "One short vowel letter just before: write ck.",
          right("duck"),
          right("pocket"),
          under("brick", "brik"));
  private static final Condition CONSONANT =
      notDue(
          "final-k/consonant",
          "a consonant stands right before /k/, so k is due",
          "Another consonant is just before: k is enough.",
          right("milk"),
          over("desk", "desck"));
  private static final Condition TEAM =
      notDue(
          "final-k/team",
          "two letters spell the vowel before /k/, so k is due",
          "Two letters make the vowel: k is enough.",
          right("book"),
          over("cheek", "cheeck"));
  private static final Condition R =
      notDue(
          "final-k/r",
          "the vowel before /k/ is written with r, so k is due",
          "There is an r just before: k is enough.",
          right("park"),
          over("fork", "forck"));
  private static final Condition SPLIT =
      notDue(
          "final-k/split",
          "the silent e makes the vowel before /k/ long, so k is due",
          "The vowel says its name: k and e, no c.",
          right("cake"),
          over("smoke", "smocke"));
  private static final Condition IC =
      notDue(
          "final-k/ic",
          "a longer word ends in weak -ic, so c is due",
          "A longer word that ends in ic: write c.",
          right("picnic"),
          over("magic", "magick"));

  FinalK() {
    super(
        new About(
            "final-k",
            "ck, k or c at the end",
            "/k/ at the end right after one short vowel letter is ck; else k, or c in a longer word in -ic.",
            "One short vowel letter just before? Write ck. If not, k.",
            "A doubled consonant letter shows that the vowel before it is short; English doubles k as ck.",
            "ck",
            "k"),
        SHORT,
        CONSONANT,
        TEAM,
        R,
        SPLIT,
        IC);
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
      return Optional.of(IC.at(place, "c", IC.says()).tooMuch("ck"));
    }
    Before before = Before.of(place);
    return Optional.of(
        switch (before) {
          case SHORT, WEAK ->
              SHORT
                  .at(place, "ck", before.says(place) + ", so ck is due")
                  .leftOutBy("k", "c", "kk", "cc");
          case CONSONANT -> plain(CONSONANT, place, before);
          case R -> plain(R, place, before);
          case SPLIT -> plain(SPLIT, place, before);
          case TEAM, LONG, NOTHING -> plain(TEAM, place, before);
        });
  }

  private static Opportunity plain(Condition condition, Place place, Before before) {
    return condition.at(place, "k", before.says(place) + ", so k is due").tooMuch("ck");
  }

  private static boolean isWeakIc(Place place) {
    return place.beatsUpTo() > 1
        && place
            .before()
            .filter(u -> u.grapheme().text().equals("i") && u.stress() != Unit.Stress.MAIN)
            .isPresent();
  }
}
