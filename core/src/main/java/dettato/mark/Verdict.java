package dettato.mark;

/** What was written for one unit of the target. Ids are stable. */
public enum Verdict {
  /** The grapheme this word has. */
  EXACT,
  /** Another grapheme that can spell this sound in the class's accent. */
  ALTERNATIVE,
  /** A damaged form of a grapheme of this sound. */
  PARTIAL,
  /** A grapheme of a near sound. */
  NEAR,
  /** A grapheme of a distant sound. */
  OTHER,
  /** Nothing stands for the sound. */
  MISSING;

  /** Whether the right sound is spelled legally. */
  public boolean represents() {
    return this == EXACT || this == ALTERNATIVE;
  }

  /** Whether the sound has letters of its own. */
  public boolean heard() {
    return represents() || this == PARTIAL;
  }

  /** Element score: 3 exact, 2 legal, 1 not legal, 0 missing (Masterson and Apel 2010). */
  public int elementScore() {
    return switch (this) {
      case EXACT -> 3;
      case ALTERNATIVE -> 2;
      case PARTIAL, NEAR, OTHER -> 1;
      case MISSING -> 0;
    };
  }
}
