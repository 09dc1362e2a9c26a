package dettato.rule;

/** The two sides of a rule's contrast. */
public enum Side {
  /** The rule's special spelling is due (duck). */
  DUE,
  /** The plain spelling is due (milk). */
  NOT_DUE
}
