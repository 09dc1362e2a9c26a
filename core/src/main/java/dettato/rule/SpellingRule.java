package dettato.rule;

import dettato.word.Word;
import java.util.List;

/** Says which grapheme a sound takes, from what stands around it. */
public interface SpellingRule {
  /** The stable id that records and exports use, such as final-j. */
  String id();

  /** A few words for a list, such as "dge or ge at the end". */
  String name();

  /** One line for a teacher. */
  String says();

  /** One line for a child. */
  String saysToChild();

  /** Why English does so, in a line. */
  String reason();

  /** The special spelling in short, such as "dge", and the plain one, such as "ge". */
  List<String> contrast();

  /**
   * Every place in a word where the condition decides, whether or not this word obeys. A place
   * whose own grapheme is not due is an exception.
   */
  List<Opportunity> places(Word word);

  /** Right and wrong spellings, run as tests. */
  List<Example> examples();
}
