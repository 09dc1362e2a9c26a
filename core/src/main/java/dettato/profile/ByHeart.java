package dettato.profile;

/** How words to be known by heart are learnt. */
public enum ByHeart {
  NAMES,
  SOUNDED
}
