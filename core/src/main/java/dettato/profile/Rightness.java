package dettato.profile;

/** What a class counts as right. Every error is kept whatever it is. */
public enum Rightness implements Option {
  EXACT(
      "only the spelling itself", "A word is right when every letter is.", "hoap for hope: wrong"),
  READS_RIGHT(
      "what reads right is counted too",
      "Beside the words that are right, those that read right are counted.",
      "hoap for hope: not right, but reads right"),
  TARGET(
      "the part that the session is about",
      "A word is right when what the session asks of it is.",
      "bage for badge, on dge: wrong; bodge for badge: right"),
  MARKED(
      "right, and marked right",
      "A word to be marked is right when its letters and its marks are.",
      "c a-e k for cake: letters and marks both");

  private final String title;
  private final String changes;
  private final String example;

  Rightness(String title, String changes, String example) {
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
