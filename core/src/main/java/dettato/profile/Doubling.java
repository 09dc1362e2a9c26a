package dettato.profile;

/**
 * How the rule of doubling before an ending is told to children. Papers are marked by the whole
 * rule.
 */
public enum Doubling {
  FULL,
  SHORT
}
