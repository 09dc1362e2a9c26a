package dettato.profile;

/** When the model is shown. */
public enum Checking implements Option {
  EACH(
      "after each word",
      "The model is shown and checked before the next word is said.",
      "word, write, show, check; next word"),
  END(
      "at the end of the block",
      "All words are said first; then all models are shown, one after the other.",
      "word, write; word, write; then show, check; show, check");

  private final String title;
  private final String changes;
  private final String example;

  Checking(String title, String changes, String example) {
    this.title = title;
    this.changes = changes;
    this.example = example;
  }

  @Override
  public String title() {
    return title;
  }

  @Override
  public String changes() {
    return changes;
  }

  @Override
  public String example() {
    return example;
  }
}
