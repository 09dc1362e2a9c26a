package dettato.explain;

import dettato.mark.LetterNames;
import dettato.mark.Mark;
import dettato.mark.Result;
import dettato.mark.UnitMark;
import dettato.mark.Verdict;
import dettato.rule.Opportunity;
import dettato.word.Segmentation;
import java.util.HashSet;
import java.util.Set;

/** What is told of single units: rules first, then letters by their name, then sounds. */
final class UnitFacts {
  private final Mark mark;
  private final Telling telling;
  private final Segmentation cut;

  /** Units that a letter's own name spells. */
  private final Set<Integer> named = new HashSet<>();

  UnitFacts(Mark mark, Telling telling) {
    this.mark = mark;
    this.telling = telling;
    this.cut = mark.target().cut();
  }

  void collect() {
    letterNames();
    mark.rules().stream()
        .filter(r -> r.outcome().isFailure() && !named.contains(r.at().unit()))
        .forEach(telling::tell);
    mark.regularised().forEach(this::exception);
    for (int i = 0; i < mark.units().size() && mark.result() != Result.RIGHT; i++) {
      unit(i);
    }
  }

  /** A letter that stands for the two sounds of its own name (c for see, y for why). */
  private void letterNames() {
    for (int i = 0; i + 1 < mark.units().size(); i++) {
      String one = mark.units().get(i).written();
      String other = mark.units().get(i + 1).written();
      boolean alone = one.isEmpty() || other.isEmpty();
      if (alone
          && LetterNames.isNameOf(one + other, cut.unit(i).sound(), cut.unit(i + 1).sound())) {
        named.add(i);
        named.add(i + 1);
        telling.tell(
            Cause.SOUND, "sound/letter-name", telling.at(i).with("written", one + other), i);
      }
    }
  }

  /** Told at the unit where the word breaks the rule, so that nothing else is told of it. */
  private void exception(Opportunity at) {
    telling.tell(Cause.BY_HEART, "by-heart/exception", telling.at(at.unit()), at);
  }

  private void unit(int i) {
    UnitMark unit = mark.units().get(i);
    boolean told =
        named.contains(i)
            || telling.isTold(i)
            || mark.swaps().stream().anyMatch(s -> s.first() == i || s.second() == i)
            || isOfToldEnding(i)
            || unit.isSpelledByOther() && !isLost(i);
    if (!told && telling.isMoved(i)) {
      String letters = cut.unit(i).grapheme().text();
      telling.tell(Cause.ORDER, "order/moved", telling.at(i).with("written", letters), i);
    } else if (!told && unit.verdict() != Verdict.EXACT) {
      SoundWords.Named one = SoundWords.of(mark, i);
      telling.tell(one.cause(), one.key(), telling.at(i).with("silent", one.silent()), i);
    }
  }

  /** drunkeness: of two letters where parts meet, one is gone. */
  private boolean isLost(int unit) {
    UnitMark before = unit == 0 ? null : mark.units().get(unit - 1);
    return before == null || before.verdict() == Verdict.EXACT;
  }

  /** The weak vowel of -tion, when the ending is told of already (stashun). */
  private boolean isOfToldEnding(int unit) {
    boolean tion =
        mark.rules().stream()
            .anyMatch(
                r ->
                    r.outcome().isFailure()
                        && r.rule().equals("tion")
                        && r.at().unit() == unit - 1);
    return tion && mark.units().get(unit).verdict() == Verdict.ALTERNATIVE;
  }
}
