package dettato.profile;

/** Who says how many sounds a word has. */
public enum Counting implements Option {
  GIVEN(
      "the teacher says it",
      "The frames are there from the beginning.",
      "three sounds: [ ] [ ] [ ]"),
  FOUND(
      "the class finds it",
      "The frames come when the class has counted.",
      "how many sounds? then [ ] [ ] [ ]");

  private final String title;
  private final String changes;
  private final String example;

  Counting(String title, String changes, String example) {
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
