package dettato.explain;

import dettato.mark.Mark;
import dettato.mark.Result;
import dettato.mark.RuleMark;
import dettato.rule.Outcome;
import dettato.rule.RuleBook;
import java.util.Comparator;
import java.util.Optional;

/** What went well in an attempt that is not right: true, and about this attempt. */
public final class Praise {
  private Praise() {}

  /** A sentence for a teacher to say; "" where nothing can be said, or all is right. */
  public static String of(Mark mark) {
    boolean plain = mark.result() == Result.RIGHT || mark.result() == Result.BLANK;
    if (plain || mark.noMatch()) {
      return "";
    }
    Optional<RuleMark> kept = kept(mark);
    boolean all = mark.result() != Result.SOUND_ERROR;
    long right = mark.represented();
    if (!all && kept.isEmpty() && right == 0) {
      return "";
    }
    String key =
        all
            ? (kept.isPresent() ? "well/all-rule" : "well/all")
            : kept.isPresent() ? "well/rule" : "well/some";
    Filling filling =
        kept.map(r -> Filling.at(mark, r.at().unit())).orElseGet(() -> Filling.of(mark));
    return filling
        .with("right", String.valueOf(right))
        .with("of", String.valueOf(mark.units().size()))
        .fill(Sayings.of(key).says());
  }

  /** A rule that was kept where its special spelling is due, the longest letters first. */
  private static Optional<RuleMark> kept(Mark mark) {
    return mark.rules().stream()
        .filter(r -> r.outcome() == Outcome.APPLIED && r.at().side().isSpecial())
        .filter(r -> !RuleBook.of(r.rule()).isWeak() && letters(mark, r).length() > 1)
        .max(Comparator.comparingInt(r -> letters(mark, r).length()));
  }

  private static String letters(Mark mark, RuleMark rule) {
    return mark.target().cut().unit(rule.at().unit()).grapheme().letters();
  }
}
