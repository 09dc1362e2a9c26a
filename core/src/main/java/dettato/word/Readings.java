package dettato.word;

import dettato.sound.Sound;
import java.util.List;
import java.util.function.Predicate;

/**
 * The reading rules of one grapheme, asked about one sound: whether it may be read so at a place.
 * Made once and kept by whoever asks often.
 */
public final class Readings {
  private final ReadingRule[] rules;
  private final boolean[] says;

  /**
   * @param same whether a sound is the one asked about
   */
  public Readings(String grapheme, Predicate<Sound> same) {
    List<ReadingRule> listed = Reader.rulesOf(grapheme);
    this.rules = listed.toArray(ReadingRule[]::new);
    this.says = new boolean[rules.length];
    for (int i = 0; i < rules.length; i++) {
      says[i] = listed.get(i).sounds().stream().anyMatch(same);
    }
  }

  /** Whether the grapheme, which stands at this place, may be read as the sound there. */
  public boolean says(char[] word, int at) {
    for (int i = 0; i < rules.length; i++) {
      if (rules[i].fitsAround(word, at)) {
        return says[i];
      }
    }
    return false;
  }

  /** Whether any rule lets the grapheme speak where it stands. */
  public boolean speaks(char[] word, int at) {
    for (ReadingRule rule : rules) {
      if (rule.fitsAround(word, at)) {
        return true;
      }
    }
    return false;
  }
}
