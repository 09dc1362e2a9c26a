package dettato.notation;

/** A plain shape that can be put on a word or a sentence. None means anything by itself. */
public enum Shape {
  DOT("dot", "dot under"),
  BAR("bar", "bar under"),
  ARC("arc", "arc that joins"),
  RING("ring", "ring around"),
  BOX("box", "box around"),
  SCOOP("scoop", "scoop under"),
  UNDERLINE("underline", "line close under"),
  BREVE("breve", "curve over"),
  MACRON("macron", "straight line over"),
  STROKE("stroke", "stroke through"),
  DOT_ABOVE("dot above", "dot over"),
  BEAT_LINE("beat line", "upright line before"),
  FRAME("frame", "frame for"),
  TICK("tick between", "tick before"),
  BAND("tinted band", "band behind"),
  HOLLOW("hollow letters", "hollow"),
  STEP("low step", "step under"),
  OVERLINE("line above", "line above");

  private final String title;
  private final String says;

  Shape(String title, String says) {
    this.title = title;
    this.says = says;
  }

  /** As it is offered. */
  public String title() {
    return title;
  }

  /** As it is said before the letters it is put on: "dot under". */
  public String says() {
    return says;
  }
}
