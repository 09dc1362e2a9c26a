package dettato.sound;

/**
 * A sound and a grapheme that can spell it.
 *
 * @param use how freely: only an {@link Use#ODD} one is no legal alternative elsewhere
 * @param example a word that has the letters
 */
public record Correspondence(Sound sound, Grapheme grapheme, Use use, String example) {
  /** How freely a grapheme spells a sound. */
  public enum Use {
    COMMON,
    SOME,
    RARE,
    ODD
  }

  public Correspondence {
    String letters = example.replace("'", "");
    int from = letters.indexOf(grapheme.head());
    if (from < 0 || (grapheme.isSplit() && letters.indexOf('e', from + 2) < 0)) {
      throw new IllegalArgumentException(
          "example '%s' does not contain '%s'".formatted(example, grapheme));
    }
  }

  /** Whether it is more than a rarity. */
  public boolean isUsual() {
    return use.compareTo(Use.SOME) <= 0;
  }
}
