package dettato.mark;

/**
 * One thing an attempt shows, told once.
 *
 * @param unit index of the unit it is about, -1 when it is about the whole
 * @param name the rule's id, the confusion's name or what else it is called; "" for none
 * @param sentence for a teacher, whole and plain
 */
public record Fact(Kind kind, int unit, String name, String sentence) {
  /** What sort of thing it is. */
  public enum Kind {
    /** A spelling rule left out or put where it is not due. */
    RULE,
    /** A sound spelled otherwise, with no rule to decide. */
    SOUND,
    /** Letters that stand for nothing. */
    EXTRA,
    /** Neighbours that changed places. */
    SWAP,
    /** A rule kept in a word that is an exception to it. */
    REGULARISED,
    /** Another real word was written. */
    REAL_WORD,
    /** A gap, hyphen or capital inside. */
    ODDITY,
    /** Letters without a meaning for this word. */
    NO_MATCH
  }
}
