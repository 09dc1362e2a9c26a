package dettato.explain;

import dettato.mark.Mark;
import dettato.mark.OnePlace;
import dettato.mark.Result;
import dettato.mark.RuleMark;
import dettato.sound.Accent;
import java.util.List;
import java.util.Optional;

/** Says a mark in plain sentences, one a fact, the cause to speak of first. */
public final class Explanation {
  private Explanation() {}

  /** What an attempt shows, in an accent; empty when it is right in every way, or blank. */
  public static List<Fact> facts(Mark mark, Accent accent) {
    if (mark.result() == Result.BLANK) {
      return List.of();
    }
    Telling telling = new Telling(mark);
    if (mark.noMatch() || mark.attempt().chars().anyMatch(Character::isDigit)) {
      noMatch(mark, telling);
      return telling.facts();
    }
    Optional<RuleMark> regular = mark.rules().stream().filter(Explanation::isRegular).findFirst();
    if (regular.isPresent()) {
      telling.tell(regular.get());
      return telling.facts();
    }
    new UnitFacts(mark, telling).collect();
    new WholeFacts(mark, telling).collect();
    return Ranking.of(mark, accent).sorted(atTheirPlace(mark, telling.facts()));
  }

  /** Of one letter that differs, what is said of units away from it is left out. */
  private static List<Fact> atTheirPlace(Mark mark, List<Fact> facts) {
    OnePlace place = OnePlace.of(mark);
    if (place == null) {
      return facts;
    }
    List<Fact> there =
        facts.stream()
            .filter(f -> f.unit() < 0 || place.isAt(f.unit(), mark.units().get(f.unit())))
            .toList();
    return there.isEmpty() ? facts : there;
  }

  /** The sentences of {@link #facts}. */
  public static List<String> of(Mark mark, Accent accent) {
    return facts(mark, accent).stream().map(Fact::says).toList();
  }

  /** A word with the usual ending where it takes none: all there is to tell. */
  private static boolean isRegular(RuleMark mark) {
    return mark.outcome().isFailure() && mark.rule().equals("irregular-form");
  }

  private static void noMatch(Mark mark, Telling telling) {
    if (mark.realWord().isPresent()) {
      telling.tell(Cause.OTHER_WORD, "other-word/instead", telling.whole(), -1);
      return;
    }
    boolean number = mark.attempt().chars().anyMatch(Character::isDigit);
    telling.tell(Cause.NO_MATCH, number ? "no-match/number" : "no-match", telling.whole(), -1);
  }
}
