package dettato.mark;

import dettato.word.Segmentation;
import dettato.word.Word;
import org.jspecify.annotations.Nullable;

/**
 * Where an attempt differs from the word by one letter alone: changed, left out or too many. Mend
 * that one and the word is right, so no unit away from it is to blame.
 */
public final class OnePlace {
  private final Segmentation cut;
  private final int first;
  private final int last;
  private final char letter;

  private OnePlace(Segmentation cut, int first, int last, char letter) {
    this.cut = cut;
    this.first = first;
    this.last = last;
    this.letter = letter;
  }

  /**
   * The place, or null where more than one letter differs, or none. Where several letters could be
   * the one (hoping against hopping), all of them are the place.
   *
   * @param text letters only, small
   */
  public static @Nullable OnePlace of(Word word, String text) {
    String model = word.letters();
    int longer = text.length() - model.length();
    if (longer < -1 || longer > 1) {
      return null;
    }
    int room = Math.min(model.length(), text.length());
    int start = 0;
    while (start < room && model.charAt(start) == text.charAt(start)) {
      start++;
    }
    int end = 0;
    while (end < room
        && model.charAt(model.length() - 1 - end) == text.charAt(text.length() - 1 - end)) {
      end++;
    }
    int from = start;
    int to = model.length() - end;
    boolean one = longer == 0 ? to - from == 1 : start + end >= room;
    if (!one) {
      return null;
    }
    char letter = longer < 0 ? 0 : text.charAt(Math.min(start, text.length() - 1));
    return new OnePlace(word.cut(), Math.min(from, to), Math.max(from, to), letter);
  }

  /** The place where a marked attempt differs, or null. */
  public static @Nullable OnePlace of(Mark mark) {
    int after = mark.target().lettersAfterApostrophe();
    return of(mark.target(), Letters.of(mark.attempt(), after).text());
  }

  /** The first unit that the place touches. */
  int firstUnit() {
    int unit = 0;
    while (unit < cut.size() - 1 && !touches(unit)) {
      unit++;
    }
    return unit;
  }

  /** The unit after the last that the place touches. */
  int lastUnit() {
    int unit = cut.size();
    while (unit > 1 && !touches(unit - 1)) {
      unit--;
    }
    return unit;
  }

  /**
   * Whether what was written for a unit may have to do with the letter: it touches it, or takes it
   * as a silent e of its own (the e_e of denetists).
   */
  public boolean isAt(int unit, UnitMark mark) {
    return touches(unit) || letter == 'e' && mark.written().endsWith("_e");
  }

  private boolean touches(int unit) {
    int start = cut.start(unit);
    int end = start + cut.unit(unit).grapheme().headLength();
    int e = cut.silentE(unit);
    boolean afterLastE = e == cut.spelling().length() - 1 && first > e;
    return start <= last && end >= first || e >= first && e <= last || afterLastE;
  }
}
