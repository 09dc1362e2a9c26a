package dettato.explain;

/** What sort of thing a fact is; the API names them, so they are stable. */
public enum Cause {
  /** A spelling rule left out, or used where it is not needed. */
  RULE,
  /** The sound is spelled as it can be, but this word must be learnt. */
  BY_HEART,
  /** A letter that spells another sound, or only part of a spelling. */
  SOUND,
  /** Nothing stands for a sound. */
  MISSING,
  /** Letters that stand for nothing. */
  EXTRA,
  /** Letters that changed places. */
  ORDER,
  /** A letter turned round. */
  MIRROR,
  /** A gap, a hyphen or a capital inside. */
  SLIP,
  /** Another real word was written. */
  OTHER_WORD,
  /** A name, with its capital or its own spelling. */
  NAME,
  /** How another country spells the word. */
  VARIANT,
  /** How another language writes the sound. */
  HABIT,
  /** Letters without a meaning for this word. */
  NO_MATCH
}
