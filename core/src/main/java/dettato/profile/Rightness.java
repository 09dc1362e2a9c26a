package dettato.profile;

/** What a class counts as right. Every error is kept whatever it is. */
public enum Rightness {
  EXACT,
  READS_RIGHT,
  TARGET,
  MARKED
}
