package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The past ending, whatever it sounds like: helped, filled, planted. */
final class PastEd extends RuleAtUnit {
  @Override
  public String id() {
    return "past-ed";
  }

  @Override
  public String name() {
    return "-ed in the past";
  }

  @Override
  public String says() {
    return "The past ending is ed, whether heard as /t/, /d/ or /ɪd/.";
  }

  @Override
  public String saysToChild() {
    return "It happened already? Write ed, whatever you hear.";
  }

  @Override
  public String reason() {
    return "The ending keeps one spelling so that it keeps one meaning.";
  }

  @Override
  public List<String> contrast() {
    return List.of("ed", "t d");
  }

  @Override
  Optional<Opportunity> at(Place place) {
    if (!place.word().cut().isLast(place.index())) {
      return Optional.empty();
    }
    boolean past = place.word().join().map(j -> j.ending().equals("ed")).orElse(false);
    if (past) {
      return Optional.of(
          Opportunity.due(
              id(),
              place.index(),
              Set.of("ed"),
              "it is the past of " + place.word().join().orElseThrow().base() + ": ed is due"));
    }
    boolean stop = Set.of("t", "d").contains(place.sound());
    boolean afterConsonant = place.before().filter(u -> !u.sound().isVowel()).isPresent();
    return stop && afterConsonant && place.word().join().isEmpty()
        ? Optional.of(
            Opportunity.notDue(
                id(),
                place.index(),
                Set.of(place.sound()),
                Set.of("ed"),
                "the word is no past with an ending: " + place.sound() + " is due"))
        : Optional.empty();
  }

  @Override
  public List<Example> examples() {
    return List.of(
        right("helped"),
        right("filled"),
        right("planted"),
        right("soft"),
        under("kicked", "kict"),
        under("yelled", "yelld"),
        over("soft", "sofed"));
  }
}
