package dettato.profile;

/** Who says how many sounds a word has. */
public enum Counting {
  GIVEN,
  FOUND
}
