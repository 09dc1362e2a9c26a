package dettato.diagnose;

import dettato.mark.Mark;
import dettato.rule.Outcome;
import dettato.rule.Side;
import java.time.LocalDate;
import java.util.List;

/**
 * One place where a child's attempt says something about a rule.
 *
 * @param target the word dictated
 * @param attempt what was written
 * @param condition id of the condition the place is of; "" where it is not known
 */
public record Evidence(
    LocalDate date,
    String target,
    String attempt,
    String rule,
    String condition,
    Side side,
    Outcome outcome) {

  /** What a mark says about rules, one for each place where a rule decides. */
  public static List<Evidence> of(LocalDate date, Mark mark) {
    return mark.rules().stream()
        .map(
            r ->
                new Evidence(
                    date,
                    mark.target().spelling(),
                    mark.attempt(),
                    r.rule(),
                    r.at().condition().id(),
                    r.at().side(),
                    r.outcome()))
        .toList();
  }

  /** Whether it fails the rule in this way. */
  boolean fails(Outcome kind) {
    return outcome == kind;
  }
}
