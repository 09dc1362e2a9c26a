package dettato.diagnose;

import dettato.rule.RuleBook;
import java.util.List;
import java.util.stream.Stream;

/**
 * Where a child stands with one rule.
 *
 * @param state what the evidence allows to say
 * @param kind in which way the rule is failed, when it is a pattern
 * @param probability that the child's true rate of success is below what counts as secure, in [0,
 *     1]
 * @param opportunities how many places tested the rule: of a pattern those of the broken
 *     conditions, else those on the sides that the kind is about
 * @param failures how many of them failed
 * @param broken the conditions that are failed, when it is a pattern; empty otherwise
 * @param kept the other conditions of the same sides
 * @param failed what failed, newest first; empty when nothing did
 * @param wouldChange what would change this, in words
 */
public record Standing(
    String rule,
    State state,
    Kind kind,
    double probability,
    int opportunities,
    int failures,
    List<Tally> broken,
    List<Tally> kept,
    List<Evidence> failed,
    String wouldChange) {

  /** What the evidence allows to say. */
  public enum State {
    PATTERN,
    SLIP,
    SECURE,
    NOT_ENOUGH
  }

  /** How a rule is failed. */
  public enum Kind {
    /** Its special spelling is left out where it is due. */
    UNDER,
    /** It is put where it is not due. */
    OVER,
    /** Both: the child is guessing. */
    MIXED
  }

  public Standing {
    broken = List.copyOf(broken);
    kept = List.copyOf(kept);
    failed = List.copyOf(failed);
    if (opportunities < 1) {
      throw new IllegalArgumentException("no evidence for " + rule);
    }
  }

  /** The same, as no more than a slip, since another rule's pattern explains it. */
  Standing explainedBy(String other) {
    return new Standing(
        rule,
        State.SLIP,
        kind,
        probability,
        opportunities,
        failures,
        List.of(),
        Stream.concat(broken.stream(), kept.stream()).toList(),
        failed,
        "failures in words that another pattern does not explain: "
            + RuleBook.of(other).about().name());
  }

  public boolean isPattern() {
    return state == State.PATTERN;
  }
}
