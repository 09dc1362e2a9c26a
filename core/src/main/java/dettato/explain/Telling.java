package dettato.explain;

import dettato.mark.Extra;
import dettato.mark.Mark;
import dettato.mark.RuleMark;
import dettato.mark.Verdict;
import dettato.rule.Opportunity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Collects the facts of one mark, in the words of the table; each place is told once. */
final class Telling {
  /** How many units away a letter may stand and still be the one that is missing. */
  private static final int FAR = 4;

  private final Mark mark;
  private final List<Fact> facts = new ArrayList<>();

  Telling(Mark mark) {
    this.mark = mark;
  }

  List<Fact> facts() {
    return List.copyOf(facts);
  }

  /** What the table's names stand for in a sentence about the whole. */
  Filling whole() {
    return Filling.of(mark);
  }

  /** The same in a sentence about one unit. */
  Filling at(int unit) {
    return Filling.at(mark, unit);
  }

  /** Whether something is said of a unit already. */
  boolean isTold(int unit) {
    return facts.stream().anyMatch(f -> f.unit() == unit);
  }

  /** The unit whose letters stand elsewhere, as an extra (the s of pasghetti); -1 for none. */
  int movedTo(Extra extra) {
    for (int i = 0; i < mark.units().size(); i++) {
      boolean missing = mark.units().get(i).verdict() == Verdict.MISSING;
      boolean same = mark.target().cut().unit(i).grapheme().text().equals(extra.written());
      if (missing && same && Math.abs(i - extra.before()) <= FAR) {
        return i;
      }
    }
    return -1;
  }

  /** Whether what a unit should have stands elsewhere. */
  boolean isMoved(int unit) {
    return mark.extras().stream().anyMatch(e -> movedTo(e) == unit);
  }

  void tell(Cause cause, String key, Filling filling, int unit) {
    Sayings.Saying saying = Sayings.of(key);
    facts.add(
        new Fact(
            cause,
            filling.fill(saying.says()),
            filling.fill(saying.child()),
            unit,
            key,
            Optional.empty()));
  }

  /** A rule that was broken: what a child is told is the condition's own. */
  void tell(RuleMark broken) {
    Opportunity at = broken.at();
    Filling filling = at(at.unit());
    RuleWords.of(mark, at).forEach(filling::with);
    tell(Cause.RULE, RuleWords.key(mark, broken), filling, at);
  }

  /** The same under another cause and name. */
  void tell(Cause cause, String key, Filling filling, Opportunity place) {
    Sayings.Saying saying = Sayings.of(key);
    String child =
        saying.child().isEmpty() ? place.condition().forChild() : filling.fill(saying.child());
    facts.add(
        new Fact(cause, filling.fill(saying.says()), child, place.unit(), key, Optional.of(place)));
  }
}
