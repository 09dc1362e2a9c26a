package dettato.profile;

/** Words that need what is not taught yet. */
public enum Ahead {
  BARRED,
  WARNED
}
