package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.List;
import java.util.Optional;
import java.util.Set;

/** /eɪ/ at the end against inside: tray and train. */
final class EndAi extends RuleAtUnit {
  @Override
  public String id() {
    return "end-ai";
  }

  @Override
  public String name() {
    return "ay at the end, ai or a_e inside";
  }

  @Override
  public String says() {
    return "/eɪ/ at the end of a word or base is ay; inside it is ai or a_e.";
  }

  @Override
  public String saysToChild() {
    return "At the end? Write ay. Not at the end? Never ay.";
  }

  @Override
  public String reason() {
    return "English words do not end in i.";
  }

  @Override
  public List<String> contrast() {
    return List.of("ay", "ai");
  }

  @Override
  Optional<Opportunity> at(Place place) {
    if (!place.sound().equals("FACE")) {
      return Optional.empty();
    }
    if (place.endsWordOrBase()) {
      return Optional.of(
          Opportunity.due(
              id(), place.index(), Set.of("ay"), "/eɪ/ ends the word or its base: ay is due"));
    }
    return Set.of("ai", "a_e").contains(place.grapheme())
        ? Optional.of(
            Opportunity.notDue(
                id(),
                place.index(),
                Set.of("ai", "a_e"),
                Set.of("ay"),
                "/eɪ/ is inside: ai or a_e is due, not ay"))
        : Optional.empty();
  }

  @Override
  public List<Example> examples() {
    return List.of(
        right("tray"),
        right("playing"),
        right("train"),
        under("clay", "clai"),
        over("trail", "trayl"));
  }
}
