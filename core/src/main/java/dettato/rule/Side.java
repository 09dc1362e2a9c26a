package dettato.rule;

/** The two sides of a rule's contrast. */
public enum Side {
  /** The rule's special spelling is due (duck). */
  DUE,
  /** The plain spelling is due (milk). */
  NOT_DUE,
  /** The special spelling stands here because the word is known to have it (city). */
  BY_HEART;

  /** Whether the special spelling stands on this side. */
  public boolean isSpecial() {
    return this != NOT_DUE;
  }

  /** Whether the rule decides on this side: what must be known tells nothing of the rule. */
  public boolean isDecided() {
    return this != BY_HEART;
  }
}
