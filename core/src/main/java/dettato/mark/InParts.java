package dettato.mark;

/**
 * A compound is read part by part: the e of litehous is silent, since lite is read as a word of its
 * own.
 */
final class InParts {
  private InParts() {}

  /**
   * Adds what each part, read alone, lets its letters say.
   *
   * @param units what was written for each unit; together all that was written
   * @param says whether each unit may be read as due; set where a part alone lets it be
   */
  static void read(Target target, String text, UnitMark[] units, boolean[] says) {
    int seam = target.word.seam() < 0 ? -1 : target.word.cut().unitAt(target.word.seam());
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
