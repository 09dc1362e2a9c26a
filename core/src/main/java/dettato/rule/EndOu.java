package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Condition.notDue;
import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;

/** ow at the end against ou inside: cow and cloud. */
final class EndOu extends RuleAtUnit {
  private static final Condition WORD_END =
      due(
          "end-ou/word-end",
          "the vowel ends the word, so ow is due",
          "At the end of the word: write ow.",
          right("cow"),
          under("now", "nou"));
  private static final Condition BASE_END =
      due(
          "end-ou/base-end",
          "the vowel ends the base, so ow is due",
          "At the end of the first part: keep ow.",
          right("cows"),
          under("allowed", "alloued"));
  private static final Condition INSIDE =
      notDue(
          "end-ou/inside",
          "the vowel is inside the word, so ou is due",
          "Not at the end: most often ou.",
          right("cloud"),
          over("shout", "showt"));

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
        WORD_END,
        BASE_END,
        INSIDE);
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
    if (place.endsStem()) {
      Condition end = place.endsWord() ? WORD_END : BASE_END;
      return Optional.of(end.at(place, "ow", end.says()).plainly("ou"));
    }
    return Optional.of(INSIDE.at(place, "ou", INSIDE.says()).tooMuch("ow"));
  }
}
