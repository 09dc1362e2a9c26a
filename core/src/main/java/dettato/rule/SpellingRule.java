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

  /**
   * Whether a word obeys here only because it is known by heart which side it is on, so that it
   * counts against the rule (camel has no le).
   */
  default boolean isByHeart(Opportunity place) {
    return false;
  }

  /** Its conditions, those where the special spelling is due first. */
  List<Condition> conditions();

  /** Right and wrong spellings of all its conditions. */
  default List<Example> examples() {
    return conditions().stream().flatMap(c -> c.examples().stream()).toList();
  }
}
