package dettato.word;

/**
 * How a word is built from a base and an ending.
 *
 * @param base the word without its ending, as spelled alone
 * @param ending the letters added, as they stand in the word
 * @param change what happened at the join
 */
public record Join(String base, String ending, Change change) {
  /** What happened to the base's last letter. */
  public enum Change {
    NONE,
    DOUBLED,
    E_DROPPED,
    Y_TO_I,
    F_TO_V
  }

  /** Base and ending as they are said before they are joined: hop + ing. */
  public String apart() {
    return base + " + " + ending;
  }

  /** Whether the ending starts with a vowel letter or y. */
  public boolean vowelEnding() {
    return "aeiouy".indexOf(ending.charAt(0)) >= 0;
  }
}
