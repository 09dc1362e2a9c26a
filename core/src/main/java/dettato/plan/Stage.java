package dettato.plan;

/**
 * The stages of our order of teaching, from simple to hard. A correspondence belongs to the first
 * stage that it fits; within a stage the order is by what makes the most words spellable.
 */
public enum Stage {
  LETTERS("single letters in their first sound"),
  PAIRS("doubled ends, and consonants that two letters spell"),
  VOWELS("the commonest spelling of each other vowel"),
  SPLIT("vowels with an e after the next letter"),
  MORE("second and third spellings, endings, weak beats"),
  RARE("rare spellings");

  private final String says;

  Stage(String says) {
    this.says = says;
  }

  /** What is taught at this stage, to follow "then". */
  public String says() {
    return says;
  }
}
