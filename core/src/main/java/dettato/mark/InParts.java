package dettato.mark;

import dettato.word.Join;
import dettato.word.Word;
import java.util.Set;

/**
 * A compound is read part by part, and so is a base with an ending that begins with a consonant:
 * the e of litehous is silent, since lite is read as a word of its own, as chear is in chearful.
 */
final class InParts {
  private static final Set<String> ENDINGS = Set.of("ful", "less", "ness", "ment", "ly");

  private InParts() {}

  /**
   * Adds what each part, read alone, lets its letters say.
   *
   * @param units what was written for each unit; together all that was written
   * @param says whether each unit may be read as due; set where a part alone lets it be
   */
  static void read(Target target, String text, UnitMark[] units, boolean[] says) {
    int seam = seam(target.word);
    if (seam <= 0) {
      return;
    }
    int[] starts = starts(text, units);
    int cut = starts[seam];
    if (starts[units.length] != text.length() || cut == 0 || cut == text.length()) {
      return;
    }
    ReadBack first = new ReadBack(target, text.substring(0, cut));
    ReadBack second = new ReadBack(target, text.substring(cut));
    for (int i = 0; i < units.length; i++) {
      String written = units[i].written();
      boolean alone =
          i < seam ? first.says(i, written, starts[i]) : second.says(i, written, starts[i] - cut);
      says[i] |= !written.isEmpty() && alone;
    }
  }

  /** The unit that begins the second part; -1 when there is one part only. */
  private static int seam(Word word) {
    if (word.seam() >= 0) {
      return word.cut().unitAt(word.seam());
    }
    return word.join()
        .map(Join::ending)
        .filter(ENDINGS::contains)
        .map(ending -> word.cut().unitAt(word.letters().length() - ending.length()))
        .orElse(-1);
  }

  /**
   * Where the letters of each unit begin, and last where all end; a split digraph's e is counted.
   */
  private static int[] starts(String text, UnitMark[] units) {
    int[] starts = new int[units.length + 1];
    int owed = -1;
    int at = 0;
    for (int i = 0; i < units.length; i++) {
      starts[i] = at;
      String written = units[i].written();
      int gap = written.indexOf('_');
      at += gap < 0 ? written.length() : gap;
      boolean closes = owed >= 0 && i > owed && at < text.length() && text.charAt(at) == 'e';
      if (closes) {
        at++;
        owed = -1;
      }
      owed = gap > 0 ? i : owed;
    }
    starts[units.length] = at;
    return starts;
  }
}
