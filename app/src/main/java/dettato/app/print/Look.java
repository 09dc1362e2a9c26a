package dettato.app.print;

/**
 * How it is to be printed.
 *
 * @param names whether each child has a sheet with its name
 * @param two whether two sheets stand on a page
 */
record Look(Size size, Type type, boolean names, boolean two) {
  /** The size of the paper. */
  enum Size {
    A4("210mm 297mm"),
    LETTER("8.5in 11in");

    private final String css;

    Size(String css) {
      this.css = css;
    }

    String css() {
      return css;
    }
  }

  /** The size of the letters, in points. */
  enum Type {
    USUAL(13),
    LARGE(18);

    private final int points;

    Type(int points) {
      this.points = points;
    }

    int points() {
      return points;
    }
  }
}
