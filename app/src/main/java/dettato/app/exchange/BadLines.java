package dettato.app.exchange;

import java.util.ArrayList;
import java.util.List;

/**
 * The bad lines of a file: the first are named, the rest are counted, so that an answer stays
 * short.
 */
final class BadLines {
  /** Letters that are told in all; an answer stays well under a hundred kilobytes. */
  private static final int MOST_LETTERS = 60_000;

  /** What a line costs beside its reason. */
  private static final int FRAME = 30;

  private static final int LONGEST_QUOTE = 40;

  private final List<RejectedLine> named = new ArrayList<>();
  private int letters;
  private int unnamed;

  /** A line that was not taken, and why. */
  record RejectedLine(long line, String reason) {}

  void add(long line, String reason) {
    letters += reason.length() + FRAME;
    if (letters > MOST_LETTERS) {
      unnamed++;
    } else {
      named.add(new RejectedLine(line, reason));
    }
  }

  List<RejectedLine> named() {
    return List.copyOf(named);
  }

  int unnamed() {
    return unnamed;
  }

  /** As much of a cell as is needed to find it again. */
  static String shortened(String cell) {
    return cell.length() <= LONGEST_QUOTE ? cell : cell.substring(0, LONGEST_QUOTE) + "…";
  }
}
