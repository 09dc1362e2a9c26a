package dettato.mark;

import dettato.reading.LetterMasks;
import dettato.sound.Accent;
import java.util.ArrayList;
import java.util.List;

/**
 * Proves which places of an attempt make it read otherwise: with all others mended and this one
 * left as written, it still does not read as the word.
 */
public final class Repair {
  private Repair() {}

  /**
   * The units that are to blame for how an attempt is read; where none is by itself, all that
   * differ. Empty when the attempt reads right.
   */
  public static List<Integer> proven(Mark mark, Accent accent) {
    if (mark.result() != Result.READS_OTHERWISE) {
      return List.of();
    }
    ModelReading model = new ModelReading(mark.target(), accent);
    List<Integer> differing = new ArrayList<>();
    List<Integer> proven = new ArrayList<>();
    for (int i = 0; i < mark.units().size(); i++) {
      if (mark.units().get(i).verdict() != Verdict.EXACT) {
        differing.add(i);
        if (spoils(mark, i, model)) {
          proven.add(i);
        }
      }
    }
    return proven.isEmpty() ? differing : proven;
  }

  /** Whether the word with only this place as written is read otherwise. */
  private static boolean spoils(Mark mark, int unit, ModelReading model) {
    String written = mark.units().get(unit).written();
    String changed = mark.target().cut().spelledWith(unit, lastOf(mark, unit), written);
    String said = Stranger.read(model, new LetterMasks(changed));
    return !said.equals(model.ipa) && !said.equals(model.alone);
  }

  /** The last unit that the letters written for this one spell: the l of camel in camle. */
  private static int lastOf(Mark mark, int unit) {
    List<UnitMark> units = mark.units();
    boolean joined = unit + 1 < units.size() && units.get(unit + 1).isSpelledByOther();
    return joined && units.get(unit).verdict() == Verdict.ALTERNATIVE ? unit + 1 : unit;
  }
}
