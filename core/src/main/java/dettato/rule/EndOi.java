package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Condition.notDue;
import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;

/** /ɔɪ/ at the end against inside: toy and coin. */
final class EndOi extends RuleAtUnit {
  private static final Condition WORD_END =
      due(
          "end-oi/word-end",
          "/ɔɪ/ ends the word, so oy is due",
          "At the end of the word: write oy.",
          right("toy"),
          under("boy", "boi"));
  private static final Condition BASE_END =
      due(
          "end-oi/base-end",
          "/ɔɪ/ ends the base, so oy is due",
          "At the end of the first part: keep oy.",
          right("enjoyed"),
          under("toys", "tois"));
  private static final Condition INSIDE =
      notDue(
          "end-oi/inside",
          "/ɔɪ/ is inside before a consonant, so oi is due",
          "Not at the end: write oi.",
          right("point"),
          over("coin", "coyn"));

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
        WORD_END,
        BASE_END,
        INSIDE);
  }

  @Override
  Optional<Opportunity> at(Place place) {
    if (!place.sound().equals("CHOICE")) {
      return Optional.empty();
    }
    if (place.endsStem()) {
      Condition end = place.endsWord() ? WORD_END : BASE_END;
      return Optional.of(end.at(place, "oy", end.says()).plainly("oi"));
    }
    return place.beforeConsonant()
        ? Optional.of(INSIDE.at(place, "oi", INSIDE.says()).tooMuch("oy"))
        : Optional.empty();
  }
}
