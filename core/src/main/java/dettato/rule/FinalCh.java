package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Condition.notDue;
import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;

/** /tʃ/ at the end: hatch against bench and coach. */
final class FinalCh extends RuleAtUnit {
  private static final Condition SHORT =
      due(
          "final-ch/short",
          "one short vowel letter stands right before /tʃ/, so tch is due",
          "One short vowel letter just before: write tch.",
          right("hatch"),
          under("ditch", "dich"));
  private static final Condition CONSONANT =
      notDue(
          "final-ch/consonant",
          "a consonant stands between the vowel and /tʃ/, so ch is due",
          "There is another consonant in between: no t needed.",
          right("bench"),
          over("branch", "brantch"));
  private static final Condition TEAM =
      notDue(
          "final-ch/team",
          "two letters spell the vowel before /tʃ/, so ch is due",
          "Two letters make the vowel: no t needed.",
          right("peach"),
          over("coach", "coatch"));
  private static final Condition R =
      notDue(
          "final-ch/r",
          "the vowel before /tʃ/ is written with r, so ch is due",
          "There is an r just before: no t needed.",
          right("porch"),
          over("torch", "tortch"));

  FinalCh() {
    super(
        new About(
            "final-ch",
            "tch or ch at the end",
            "/tʃ/ right after one short vowel letter is tch; else ch.",
            "One short vowel letter just before? Write tch. If not, ch.",
            "The t doubles ch, and so shows that the vowel is short.",
            "tch",
            "ch"),
        SHORT,
        CONSONANT,
        TEAM,
        R);
  }

  @Override
  Optional<Opportunity> at(Place place) {
    boolean middleTch = place.grapheme().equals("tch") && !place.endsPart();
    if (!place.sound().equals("tʃ") || !(place.endsPart() || middleTch)) {
      return Optional.empty();
    }
    Before before = Before.of(place);
    return Optional.of(
        switch (before) {
          case SHORT ->
              SHORT.at(place, "tch", before.says(place) + ", so tch is due").plainly("ch");
          case CONSONANT -> plain(CONSONANT, place, before);
          case R -> plain(R, place, before);
          case TEAM, LONG, SPLIT, WEAK, NOTHING -> plain(TEAM, place, before);
        });
  }

  private static Opportunity plain(Condition condition, Place place, Before before) {
    return condition.at(place, "ch", before.says(place) + ", so ch is due").tooMuch("tch");
  }
}
