package dettato.mark;

import dettato.reading.LetterMasks;
import dettato.reading.Reader;
import dettato.word.Segmentation;
import dettato.word.Unit;
import java.util.ArrayList;
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
  private final Segmentation mine;
  private final int shift;
  private final int sameTo;
  private final int sameFrom;

  private Stranger(ModelReading model, LetterMasks letters) {
    this.model = model;
    this.letters = letters;
    this.mine = Reader.readLawfully(letters.spelling());
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
    int i = 0;
    while (i < mine.size()) {
      int at = mine.start(i);
      int as = asInModel(i);
      int known = as >= 0 ? 0 : readAsInModel(i);
      if (known > 0) {
        int from = model.starting(at);
        for (int m = from; model.cut.size() > m && model.cut.start(m) < at + known; m++) {
          said.append(model.ipa(m));
        }
        while (i < mine.size() && mine.start(i) < at + known) {
          i++;
        }
        continue;
      }
      said.append(as >= 0 ? model.ipa(as) : mine.ipa(i, model.accent));
      i++;
    }
    return said.toString();
  }

  /**
   * How many letters from here, with a split grapheme that no rule sees, stand as at the model's
   * start and are read there as here: some in something and in somethink.
   *
   * @return 0 for none
   */
  private int readAsInModel(int first) {
    int at = mine.start(first);
    int unit = at < sameTo ? model.starting(at) : -1;
    int end = unit >= 0 ? model.cut.silentE(unit) + 1 : 0;
    return end > at && end <= sameTo && isCutAlike(at, end) ? end - at : 0;
  }

  /** Whether these letters are read alike, unit by unit, where nobody knows the model. */
  private boolean isCutAlike(int at, int end) {
    List<Unit> here = within(mine, at, end);
    return !here.isEmpty() && here.equals(within(model.asRead, at, end));
  }

  /** The units that begin between two letters, if they end there too. */
  private static List<Unit> within(Segmentation cut, int from, int to) {
    List<Unit> within = new ArrayList<>();
    int end = from;
    for (int i = 0; i < cut.size(); i++) {
      if (cut.start(i) >= from && cut.start(i) < to) {
        within.add(cut.unit(i));
        end = Math.max(cut.start(i) + cut.unit(i).grapheme().headLength(), cut.silentE(i) + 1);
      }
    }
    return end == to ? within : List.of();
  }

  /** The unit of the model that has these very letters here, and may be read so; or -1. */
  private int asInModel(int i) {
    String grapheme = mine.unit(i).grapheme().text();
    int from = mine.start(i);
    int to = from + mine.unit(i).grapheme().headLength();
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
