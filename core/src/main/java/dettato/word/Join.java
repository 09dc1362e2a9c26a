package dettato.word;

/**
 * How a word is built from a base and an ending.
 *
 * @param base the word without its ending, as spelled alone
 * @param ending the letters added, as they stand in the word
 * @param change what happened at the join
 * @param rest how many letters stand after the ending: other endings (care|less|ly)
 */
public record Join(String base, String ending, Change change, int rest) {
  /** The last ending of a word. */
  public Join(String base, String ending, Change change) {
    this(base, ending, change, 0);
  }

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

  /** The same join inside a word that has so many letters more. */
  Join inside(int more) {
    return new Join(base, ending, change, rest + more);
  }

  /** Whether the ending starts with a vowel letter or y. */
  public boolean vowelEnding() {
    return "aeiouy".indexOf(ending.charAt(0)) >= 0;
  }
}
