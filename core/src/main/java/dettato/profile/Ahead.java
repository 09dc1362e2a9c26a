package dettato.profile;

/** Words that need what is not taught yet. */
public enum Ahead implements Option {
  BARRED(
      "never chosen",
      "No word that needs it is chosen; one of your own is told of.",
      "knit waits for kn"),
  WARNED(
      "chosen last, with a warning",
      "Where taught words run out others are taken, and the sheet says what they need.",
      "knit: kn is not taught yet");

  private final String title;
  private final String changes;
  private final String example;

  Ahead(String title, String changes, String example) {
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
