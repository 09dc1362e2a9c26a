package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Condition.notDue;
import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** aw at the end against au inside: claw and sauce. */
final class EndAu extends RuleAtUnit {
  private static final Condition WORD_END =
      due(
          "end-au/word-end",
          "the vowel ends the word, so aw is due",
          "At the end of the word: write aw.",
          right("claw"),
          under("straw", "strau"));
  private static final Condition BASE_END =
      due(
          "end-au/base-end",
          "the vowel ends the base, so aw is due",
          "At the end of the first part: keep aw.",
          right("sawing"),
          under("paws", "paus"));
  private static final Condition INSIDE =
      notDue(
          "end-au/inside",
          "the vowel is inside the word, so au is due",
          "Not at the end: it is mostly au.",
          right("sauce"),
          over("sauce", "sawce"));

  EndAu() {
    super(
        new About(
            "end-au",
            "aw at the end, au inside",
            "The vowel of hawk, spelled au or aw, is aw at the end of a word or base and au inside; before n, l and k it may be either. In many words the sound is spelled otherwise: or, ore, a.",
            "At the end? Write aw. Inside it is mostly au; dawn, crawl and hawk are learnt.",
            "English words do not end in u.",
            "aw",
            "au"),
        WORD_END,
        BASE_END,
        INSIDE);
  }

  @Override
  Optional<Opportunity> at(Place place) {
    if (!place.sound().equals("THOUGHT") || !place.spelled(Set.of("au", "aw"))) {
      return Optional.empty();
    }
    if (place.endsStem()) {
      Condition end = place.endsWord() ? WORD_END : BASE_END;
      return Optional.of(end.at(place, "aw", end.says()).leftOutBy("au"));
    }
    boolean either = "nlk".indexOf(place.nextLetter()) >= 0;
    return either
        ? Optional.empty()
        : Optional.of(INSIDE.at(place, "au", INSIDE.says()).tooMuch("aw"));
  }
}
