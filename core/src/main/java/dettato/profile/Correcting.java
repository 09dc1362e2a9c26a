package dettato.profile;

/** What a child does with a mistake. First attempts are kept in the record always. */
public enum Correcting implements Option {
  LINE(
      "one line through it, the right word beside it",
      "The sheet has room for the right word beside the first one.",
      "hopeing, struck through once, then hoping"),
  FIX("put right where it stands", "The child rubs it out and writes it anew.", "hoping"),
  TICK(
      "only ticked where it is right",
      "The child ticks what is right and changes nothing.",
      "hoping ✓");

  private final String title;
  private final String changes;
  private final String example;

  Correcting(String title, String changes, String example) {
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
