package dettato.mark;

import dettato.word.LetterMasks;
import dettato.word.Reader;
import dettato.word.Segmentation;
import dettato.word.Unit;
import java.util.List;

/**
 * Reads a spelling as somebody would who does not know what was meant. Only letters that stand as
 * in the model, as far from its start or from its end, are read as there, where a rule lets them be
 * or the model itself has them against the rules: they are not what a child changed.
 */
final class Stranger {
  /** What English hardly ever says twice in a row inside a word. */
  private static final String CONSONANTS = "bdfghjklmnprstvwzðŋɡʃʒθ";

  private final ModelReading model;
  private final LetterMasks letters;
  private final List<Unit> mine;
  private final int shift;
  private final int sameTo;
  private final int sameFrom;

  private Stranger(ModelReading model, LetterMasks letters) {
    this.model = model;
    this.letters = letters;
    this.mine = Reader.read(letters);
    this.shift = letters.length() - model.cut.spelling().length();
    this.sameTo = sameTo();
    this.sameFrom = sameFrom();
  }

  /** What is read, in IPA. */
  static String read(ModelReading model, LetterMasks letters) {
    Stranger stranger = new Stranger(model, letters);
    return stranger.once(stranger.read());
  }

  private String read() {
    StringBuilder said = new StringBuilder();
    int at = 0;
    for (int i = 0; i < mine.size(); i++) {
      Unit unit = mine.get(i);
      int length = unit.grapheme().headLength();
      int as = asInModel(unit, at, at + length);
      int known = as >= 0 ? 0 : readAsInModel(i, at);
      if (known > 0) {
        int from = model.starting(at);
        for (int m = from; model.cut.size() > m && model.cut.start(m) < at + known; m++) {
          said.append(model.ipa(m));
        }
        for (int end = at + known; at < end; i++) {
          at += mine.get(i).grapheme().headLength();
        }
        i--;
        continue;
      }
      said.append(as >= 0 ? model.ipa(as) : Segmentation.ipa(mine, i, model.accent));
      at += length;
    }
    return said.toString();
  }

  /**
   * How many letters from here, with a split grapheme that no rule sees, stand as at the model's
   * start and are read by rule there as here: some in something and in somethink.
   *
   * @return 0 for none
   */
  private int readAsInModel(int first, int at) {
    int unit = at < sameTo ? model.starting(at) : -1;
    int end = unit >= 0 ? model.cut.silentE(unit) + 1 : 0;
    return end > at && end <= sameTo && isCutAlike(first, at, end) ? end - at : 0;
  }

  /** Whether these letters are read alike, unit by unit, by the rules that know no model. */
  private boolean isCutAlike(int first, int at, int end) {
    List<Unit> there = model.byRule;
    int from = 0;
    int t = 0;
    while (t < there.size() && from < at) {
      from += there.get(t++).grapheme().headLength();
    }
    int i = first;
    while (from == at && at < end && t < there.size() && i < mine.size()) {
      if (!there.get(t).equals(mine.get(i))) {
        return false;
      }
      at += mine.get(i++).grapheme().headLength();
      from += there.get(t++).grapheme().headLength();
    }
    return at == end && from == end;
  }

  /** The unit of the model that has these very letters here, and may be read so; or -1. */
  private int asInModel(Unit unit, int from, int to) {
    String grapheme = unit.grapheme().text();
    int fromStart = to <= sameTo ? unitAt(from, grapheme) : -1;
    int as = fromStart >= 0 ? fromStart : from >= sameFrom ? unitAt(from - shift, grapheme) : -1;
    boolean known =
        as >= 0 && (model.mayBe(letters, from, as) || model.isAsIrregular(letters, from, as));
    return known ? as : -1;
  }

  private int unitAt(int start, String grapheme) {
    int unit = model.starting(start);
    return unit >= 0 && model.cut.unit(unit).grapheme().text().equals(grapheme) ? unit : -1;
  }

  /** Up to where the letters are the model's, counted from the start. */
  private int sameTo() {
    String whole = model.cut.spelling();
    String written = letters.spelling();
    int most = Math.min(whole.length(), written.length());
    int same = 0;
    while (same < most && whole.charAt(same) == written.charAt(same)) {
      same++;
    }
    return same;
  }

  /** From where on the letters are the model's, counted from the end. */
  private int sameFrom() {
    String whole = model.cut.spelling();
    String written = letters.spelling();
    int from = written.length();
    while (from > Math.max(0, shift)
        && whole.charAt(from - 1 - shift) == written.charAt(from - 1)) {
      from--;
    }
    return from;
  }

  /** What was read, a consonant that two letters say by chance said once (boxs as box). */
  private String once(String said) {
    int twice = doubled(said, 1);
    if (twice < 0 || doubled(model.ipa, 1) >= 0) {
      return said;
    }
    StringBuilder rest = new StringBuilder(said);
    for (int at = twice; at >= 0; at = doubled(rest, at)) {
      rest.deleteCharAt(at);
    }
    return rest.toString();
  }

  private static int doubled(CharSequence ipa, int from) {
    for (int i = from; i < ipa.length(); i++) {
      char sound = ipa.charAt(i);
      if (sound == ipa.charAt(i - 1) && CONSONANTS.indexOf(sound) >= 0) {
        return i;
      }
    }
    return -1;
  }
}
