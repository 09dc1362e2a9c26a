package dettato.rule;

import dettato.word.Word;
import java.util.List;

/** Says which grapheme a sound takes, from what stands around it. */
public interface SpellingRule {
  /** What it is called and says. */
  About about();

  /** The stable id, such as final-j. */
  default String id() {
    return about().id();
  }

  /** Whether it is a tendency only, so that a word against it is no exception to learn. */
  default boolean isWeak() {
    return false;
  }

  /**
   * Every place in a word where the condition decides, whether or not this word obeys. A place
   * whose own grapheme is not due is an exception.
   */
  List<Opportunity> places(Word word);

  /** Right and wrong spellings, run as tests. */
  List<Example> examples();
}
