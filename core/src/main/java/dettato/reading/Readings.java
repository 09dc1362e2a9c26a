package dettato.reading;

import dettato.sound.Sound;
import java.util.List;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * The reading rules of one grapheme, asked about one sound: whether it may be read so at a place.
 */
public final class Readings {
  /** Of letters that no rule reads. */
  public static final Readings NONE = new Readings("", sound -> false);

  private final @Nullable RuleIndex rules;
  private final boolean[] says;

  /**
   * @param same whether a sound is the one asked about
   */
  public Readings(String grapheme, Predicate<Sound> same) {
    this.rules = ReadingRules.rulesOf(grapheme).orElse(null);
    List<ReadingRule> listed = rules == null ? List.of() : rules.all();
    this.says = new boolean[listed.size()];
    for (int i = 0; i < says.length; i++) {
      says[i] = listed.get(i).sounds().stream().anyMatch(same);
    }
  }

  /** Whether the grapheme, which stands at this place, may be read as the sound there. */
  public boolean says(LetterMasks word, int at) {
    int first = first(word, at);
    return first >= 0 && says[first];
  }

  /** Whether any rule lets the grapheme speak where it stands. */
  public boolean speaks(LetterMasks word, int at) {
    return first(word, at) >= 0;
  }

  private int first(LetterMasks word, int at) {
    return rules == null ? -1 : rules.first(word, at);
  }
}
