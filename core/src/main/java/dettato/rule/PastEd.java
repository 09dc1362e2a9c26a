package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Condition.notDue;
import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import dettato.word.Join;
import java.util.Optional;
import java.util.Set;

/** The past ending, whatever it sounds like: helped, filled, planted. */
final class PastEd extends RuleAtUnit {
  private static final Condition T =
      due(
          "past-ed/t",
          "the past ending is heard as /t/, so ed is due",
          "It happened already and you can take the ending off: ed, though you hear t.",
          right("helped"),
          under("kicked", "kict"));
  private static final Condition D =
      due(
          "past-ed/d",
          "the past ending is heard as /d/, so ed is due",
          "It happened already and you can take the ending off: ed, though you hear d.",
          right("filled"),
          under("yelled", "yelld"));
  private static final Condition ID =
      due(
          "past-ed/id",
          "the past ending is heard as a new beat, so ed is due",
          "It happened already and you hear an extra beat: ed.",
          right("planted"),
          under("melted", "meltid"));
  private static final Condition DOUBLED =
      due(
          "past-ed/doubled",
          "the past ending follows a doubled consonant, so ed is due",
          "After a doubled consonant: ed.",
          right("hugged"),
          under("hopped", "hoppt"));
  private static final Condition E_DROPPED =
      due(
          "past-ed/e-dropped",
          "the past ending follows a base that has lost its e, so ed is due",
          "The word had an e already: it still ends in ed.",
          right("hoped"),
          under("smiled", "smild"));
  private static final Condition Y_TO_I =
      due(
          "past-ed/y-to-i",
          "the past ending follows a y that turned to i, so ed is due",
          "After y that turned to i: ed.",
          right("tried"),
          under("carried", "carrid"));
  private static final Condition NO_PAST =
      notDue(
          "past-ed/no-past",
          "the word has no past ending, so no ed is due",
          "Nothing to take off here: write what you hear.",
          right("soft"),
          over("soft", "sofed"));

  PastEd() {
    super(
        new About(
            "past-ed",
            "-ed in the past",
            "The past ending is ed, whether heard as /t/, /d/ or /ɪd/; pasts that change inside (told, left) have none.",
            "It happened already, and you can take the ending off? Write ed, whatever you hear.",
            "The ending keeps one spelling so that it keeps one meaning.",
            "ed",
            "t d"),
        T,
        D,
        ID,
        DOUBLED,
        E_DROPPED,
        Y_TO_I,
        NO_PAST);
  }

  @Override
  Optional<Opportunity> at(Place place) {
    if (!place.endsWord() || KnownExceptions.has(this, place.word())) {
      return Optional.empty();
    }
    Optional<Join> past = place.word().join().filter(j -> j.ending().equals("ed"));
    if (past.isPresent()) {
      Condition condition = condition(place, past.get());
      return Optional.of(
          condition
              .at(place, "ed", "it is the past of " + past.get().base() + ", so ed is due")
              .plainly(place.unit().sound().isRun() ? "id" : place.sound()));
    }
    boolean stop = Set.of("t", "d").contains(place.sound());
    boolean afterConsonant = place.before().filter(u -> !u.sound().isVowel()).isPresent();
    return stop && afterConsonant && place.word().join().isEmpty() && !place.spelled("ed")
        ? Optional.of(
            NO_PAST
                .at(
                    place,
                    place.sound(),
                    "the word has no past ending, so " + place.sound() + " is due")
                .tooMuch("ed"))
        : Optional.empty();
  }

  private static Condition condition(Place place, Join past) {
    return switch (past.change()) {
      case DOUBLED -> DOUBLED;
      case E_DROPPED -> E_DROPPED;
      case Y_TO_I -> Y_TO_I;
      case NONE, F_TO_V ->
          switch (place.sound()) {
            case "t" -> T;
            case "d" -> D;
            default -> ID;
          };
    };
  }
}
