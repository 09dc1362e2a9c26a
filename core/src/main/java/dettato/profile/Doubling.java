package dettato.profile;

/**
 * How the rule of doubling before an ending is told to children. Papers are marked by the whole
 * rule.
 */
public enum Doubling implements Option {
  FULL(
      "the whole rule",
      "A short vowel and one consonant before an ending that begins with a vowel.",
      "hop, hopping; float, floating"),
  SHORT(
      "in short",
      "The short form is shown; since it is wrong for float, papers are marked by the whole rule.",
      "one vowel, one consonant: double it");

  private final String title;
  private final String changes;
  private final String example;

  Doubling(String title, String changes, String example) {
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
