package dettato.mark;

/** What an attempt at a word is as a whole. */
public enum Result {
  /** As the model. */
  RIGHT,
  /** Every sound legally spelled, and read by the rules it says the target. */
  READS_RIGHT,
  /** Every sound has letters of its own, but read by the rules they say something else. */
  READS_OTHERWISE,
  /** A sound is missing, added, swapped or taken for another. */
  SOUND_ERROR,
  /** Nothing was written. */
  BLANK,
  /** The child was away. */
  ABSENT
}
