package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Condition.notDue;
import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** /eɪ/ at the end against inside: tray and train. */
final class EndAi extends RuleAtUnit {
  private static final Condition WORD_END =
      due(
          "end-ai/word-end",
          "/eɪ/ ends the word, so ay is due",
          "At the end of the word: write ay.",
          right("tray"),
          under("clay", "clai"));
  private static final Condition BASE_END =
      due(
          "end-ai/base-end",
          "/eɪ/ ends the base, so ay is due",
          "At the end of the first part: keep ay.",
          right("playing"),
          under("staying", "staiing"));
  private static final Condition INSIDE =
      notDue(
          "end-ai/inside",
          "/eɪ/ is inside, so ai is due, not ay",
          "Not at the end: write ai, never ay.",
          right("train"),
          over("trail", "trayl"));
  private static final Condition SPLIT =
      notDue(
          "end-ai/split",
          "/eɪ/ is inside and spelled with a silent e, so ay is not due",
          "Not at the end: a, consonant, e, never ay.",
          right("cake"),
          over("cake", "cayk"));

  EndAi() {
    super(
        new About(
            "end-ai",
            "ay at the end, ai or a-e inside",
            "/eɪ/ at the end of a word or base is ay; inside it is ai or a_e.",
            "At the end? Write ay. Not at the end? Never ay.",
            "English words do not end in i.",
            "ay",
            "ai"),
        WORD_END,
        BASE_END,
        INSIDE,
        SPLIT);
  }

  @Override
  Optional<Opportunity> at(Place place) {
    if (!place.sound().equals("FACE")) {
      return Optional.empty();
    }
    if (place.endsStem()) {
      Condition end = place.endsWord() ? WORD_END : BASE_END;
      return Optional.of(end.at(place, "ay", end.says()).plainly("ai"));
    }
    Set<String> due = Set.of("ai", "a_e");
    return switch (place.grapheme()) {
      case "ai" -> Optional.of(INSIDE.at(place, due, INSIDE.says()).tooMuch("ay"));
      case "a_e" -> Optional.of(SPLIT.at(place, due, SPLIT.says()).tooMuch("ay", "ay_e"));
      default -> Optional.empty();
    };
  }
}
