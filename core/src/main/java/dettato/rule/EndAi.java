package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** /eɪ/ at the end against inside: tray and train. */
final class EndAi extends RuleAtUnit {
  EndAi() {
    super(
        new About(
            "end-ai",
            "ay at the end, ai or a_e inside",
            "/eɪ/ at the end of a word or base is ay; inside it is ai or a_e.",
            "At the end? Write ay. Not at the end? Never ay.",
            "English words do not end in i.",
            "ay",
            "ai"),
        right("tray"),
        right("playing"),
        right("train"),
        under("clay", "clai"),
        over("trail", "trayl"));
  }

  @Override
  Optional<Opportunity> at(Place place) {
    if (!place.sound().equals("FACE")) {
      return Optional.empty();
    }
    if (place.endsPart()) {
      return Optional.of(
          Opportunity.due(
              id(),
              place.index(),
              Set.of("ay"),
              "ai",
              "/eɪ/ ends the word or its base, so ay is due"));
    }
    return Set.of("ai", "a_e").contains(place.grapheme())
        ? Optional.of(
            Opportunity.notDue(
                id(),
                place.index(),
                Set.of("ai", "a_e"),
                Set.of("ay"),
                "/eɪ/ is inside, so ai or a_e is due, not ay"))
        : Optional.empty();
  }
}
