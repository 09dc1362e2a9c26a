package dettato.profile;

/** How words to be known by heart are learnt. */
public enum ByHeart implements Option {
  NAMES(
      "by the names of their letters",
      "They are never sounded out: the class says the letters and writes.",
      "said: ess, ay, eye, dee"),
  SOUNDED(
      "sounded, with the odd part ringed",
      "They are sounded like others, and the part that is odd is ringed.",
      "said: s ⟨ai⟩ d, and ai says /ɛ/ here");

  private final String title;
  private final String changes;
  private final String example;

  ByHeart(String title, String changes, String example) {
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
