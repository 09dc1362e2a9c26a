package dettato.app.text;

import dettato.app.problem.Problem;

/** A number, or two with a line between: 6, 4-8. Nothing is any, told by noughts. */
record Range(int from, int to) {
  private static final String WRITTEN = "\\d{1,2}(-\\d{1,2})?";

  static Range of(String text, String name) {
    if (text.isBlank()) {
      return new Range(0, 0);
    }
    if (!text.strip().matches(WRITTEN)) {
      throw Problem.badRequest(name + " is a number or a range, as 6 or 4-8, not '" + text + "'.");
    }
    String[] ends = text.strip().split("-");
    int from = Integer.parseInt(ends[0]);
    int to = Integer.parseInt(ends[ends.length - 1]);
    if (from < 1 || to < from) {
      throw Problem.badRequest(name + " goes from the fewest, at least 1, to the most: 4-8.");
    }
    return new Range(from, to);
  }
}
