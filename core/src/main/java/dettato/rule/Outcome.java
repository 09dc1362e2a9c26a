package dettato.rule;

/** What an attempt shows of a rule at one place where the rule decides. */
public enum Outcome {
  /** The rule was followed. */
  APPLIED,
  /** The rule's spelling was left out where it is due. */
  UNDER,
  /** The rule's spelling was put where it is not due. */
  OVER,
  /** The sound itself was missed, or spelled in a way the rule says nothing about. */
  UNTESTED;

  /** Whether the rule is failed, in whichever way. */
  public boolean isFailure() {
    return this == UNDER || this == OVER;
  }
}
