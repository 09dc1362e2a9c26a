package dettato.explain;

import dettato.mark.Mark;
import dettato.mark.Repair;
import dettato.mark.Result;
import dettato.mark.Verdict;
import dettato.rule.RuleBook;
import dettato.sound.Accent;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Which cause to speak of first: the one that makes the result what it is. Whoever lost a sound is
 * told of that before a rule's letter; of letters that make a word read otherwise those come first
 * that are proven to.
 */
final class Ranking {
  private final Mark mark;
  private final Set<Integer> proven;
  private final boolean instead;

  private Ranking(Mark mark, Accent accent) {
    this.mark = mark;
    this.proven = new HashSet<>(Repair.proven(mark, accent));
    this.instead = isInstead(mark);
  }

  static Ranking of(Mark mark, Accent accent) {
    return new Ranking(mark, accent);
  }

  List<Fact> sorted(List<Fact> facts) {
    return facts.stream().sorted(Comparator.comparingInt(this::place)).toList();
  }

  /** Whether another word was written that has little of this one. */
  static boolean isInstead(Mark mark) {
    if (mark.realWord().filter(Mark.RealWord.ANOTHER::equals).isEmpty()) {
      return false;
    }
    long off =
        mark.units().stream().filter(u -> !u.verdict().represents()).count() + mark.extras().size();
    boolean mirrored =
        mark.units().stream().anyMatch(u -> u.confusion().filter("mirror"::equals).isPresent());
    return off > 1 && !mirrored && mark.represented() * 2 <= mark.units().size();
  }

  private int place(Fact fact) {
    return switch (fact.cause()) {
      case NO_MATCH -> 0;
      case VARIANT -> 1;
      case OTHER_WORD -> instead || mark.result() == Result.READS_RIGHT ? 1 : 6;
      case MISSING, SOUND, EXTRA, ORDER, MIRROR, HABIT -> sounds(fact) ? 2 : 5;
      case NAME, SLIP -> mark.units().stream().allMatch(u -> u.verdict() == Verdict.EXACT) ? 2 : 7;
      case RULE -> rule(fact);
      case BY_HEART -> proven.contains(fact.unit()) ? 3 : 5;
    };
  }

  /** Whether it is of the sort that decides the result. */
  private boolean sounds(Fact fact) {
    return mark.result() != Result.READS_OTHERWISE
        || fact.unit() < 0
        || proven.contains(fact.unit());
  }

  private int rule(Fact fact) {
    boolean weak = fact.rule().filter(o -> RuleBook.of(o.rule()).isWeak()).isPresent();
    if (proven.contains(fact.unit())) {
      return 2;
    }
    return weak ? 5 : 4;
  }
}
