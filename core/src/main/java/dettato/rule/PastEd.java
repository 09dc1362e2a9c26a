package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** The past ending, whatever it sounds like: helped, filled, planted. */
final class PastEd extends RuleAtUnit {
  PastEd() {
    super(
        new About(
            "past-ed",
            "-ed in the past",
            "The past ending is ed, whether heard as /t/, /d/ or /ɪd/.",
            "It happened already? Write ed, whatever you hear.",
            "The ending keeps one spelling so that it keeps one meaning.",
            "ed",
            "t d"),
        right("helped"),
        right("filled"),
        right("planted"),
        right("soft"),
        under("kicked", "kict"),
        under("yelled", "yelld"),
        over("soft", "sofed"));
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
              place.unit().sound().isRun() ? "id" : place.sound(),
              "it is the past of " + place.word().join().orElseThrow().base() + ", so ed is due"));
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
                "the word is no past with an ending, so " + place.sound() + " is due"))
        : Optional.empty();
  }
}
