package dettato.profile;

/** How a sound is asked in writing. */
public enum SoundAnswers implements Option {
  ALL(
      "every spelling that is taught",
      "Children write every spelling of it they have been taught.",
      "/eɪ/: ai, ay, a-e"),
  ONE(
      "one spelling at a time",
      "Children write one spelling, the one that the session is about.",
      "/eɪ/ as in rain: ai");

  private final String title;
  private final String changes;
  private final String example;

  SoundAnswers(String title, String changes, String example) {
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
