package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Condition.notDue;
import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** /dʒ/ at the end: ledge against cage and hinge. */
final class FinalJ extends RuleAtUnit {
  private static final Condition SHORT =
      due(
          "final-j/short",
          "one short stressed vowel letter stands right before /dʒ/, so dge is due",
          "One short vowel letter just before: write dge.",
          right("ledge"),
          under("badge", "bage"),
          under("badge", "baj"));
  private static final Condition CONSONANT =
      notDue(
          "final-j/consonant",
          "a consonant stands between the vowel and /dʒ/, so ge is due",
          "There is another consonant in between: no d needed.",
          right("hinge"),
          over("fringe", "frindge"));
  private static final Condition LONG =
      notDue(
          "final-j/long",
          "the vowel before /dʒ/ is long, so ge is due",
          "The vowel says its name: no d needed.",
          right("cage"),
          over("stage", "stadge"));
  private static final Condition R =
      notDue(
          "final-j/r",
          "the vowel before /dʒ/ is written with r, so ge is due",
          "There is an r just before: no d needed.",
          right("large"),
          over("barge", "bardge"));
  private static final Condition WEAK =
      notDue(
          "final-j/weak",
          "the vowel before /dʒ/ is weak, so ge is due",
          "The last beat is a weak one: age, no d needed.",
          right("cabbage"),
          over("village", "villadge"));

  FinalJ() {
    super(
        new About(
            "final-j",
            "dge or ge at the end",
            "/dʒ/ right after one short stressed vowel letter is dge; else ge; never j.",
            "One short vowel letter just before? Write dge. If not, ge. No word ends in j.",
            "The d shows that the vowel before it is short; the e keeps g soft; English words do not end in j.",
            "dge",
            "ge"),
        SHORT,
        CONSONANT,
        LONG,
        R,
        WEAK);
  }

  @Override
  Optional<Opportunity> at(Place place) {
    boolean middleDge = place.grapheme().startsWith("dg") && !place.endsPart();
    if (!place.sound().equals("dʒ") || !(place.endsPart() || middleDge)) {
      return Optional.empty();
    }
    Before before = Before.of(place);
    return Optional.of(
        switch (before) {
          case SHORT -> place.afterStressedVowel() ? dge(place, before) : weak(place);
          case WEAK -> weak(place);
          case CONSONANT -> ge(CONSONANT, place, before.says(place));
          case R -> ge(R, place, before.says(place));
          case SPLIT, LONG, TEAM, NOTHING -> ge(LONG, place, before.says(place));
        });
  }

  private static Opportunity dge(Place place, Before before) {
    Set<String> due = beforeEnding(place) ? Set.of("dge", "dg") : Set.of("dge");
    return SHORT
        .at(place, due, before.says(place) + ", so dge is due")
        .plainly(place.grapheme().equals("dg") ? "g" : "ge");
  }

  private static Opportunity weak(Place place) {
    String vowel = place.before().orElseThrow().grapheme().text();
    return ge(WEAK, place, "the vowel before /dʒ/, " + vowel + ", is weak");
  }

  /** Whoever leaves the rule out has j; a g without its e is another rule's matter. */
  private static Opportunity ge(Condition condition, Place place, String why) {
    Set<String> due = beforeEnding(place) ? Set.of("ge", "g") : Set.of("ge");
    return condition.at(place, due, why + ", so ge is due").tooMuch("dge", "dg").leftOutBy("j");
  }

  /** Before an ending the e may have gone (badger, caged) or have joined the ending (ledges). */
  private static boolean beforeEnding(Place place) {
    return !place.word().cut().isLast(place.index());
  }
}
