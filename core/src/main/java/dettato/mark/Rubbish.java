package dettato.mark;

import java.util.List;

/** Tells letters that mean nothing (asdfg) from an attempt at the word. */
final class Rubbish {
  private static final int FEWEST_LETTERS = 3;

  private Rubbish() {}

  /**
   * Whether no more than a third of the letters written, and of the sounds, can be explained by the
   * word.
   */
  static boolean is(UnitMark[] units, List<Extra> extras) {
    int meant = 0;
    int written = 0;
    int heard = 0;
    for (UnitMark unit : units) {
      int letters = unit.written().length();
      boolean means = unit.verdict().heard() || unit.verdict() == Verdict.NEAR;
      written += letters;
      meant += means ? letters : 0;
      heard += means ? 1 : 0;
    }
    for (Extra extra : extras) {
      written += extra.written().length();
    }
    return written >= FEWEST_LETTERS && meant * 3 <= written && heard * 3 <= units.length;
  }
}
