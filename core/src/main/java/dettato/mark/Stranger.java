package dettato.mark;

import dettato.sound.Accent;
import dettato.sound.Sound;
import dettato.word.Reader;
import dettato.word.Segmentation;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Reads a spelling as somebody would who does not know what was meant. Only letters that stand as
 * in the model, as far from its start or from its end, are read as there, where a rule lets them be
 * or the model itself has them against the rules: they are not what a child changed.
 */
final class Stranger {
  /** What English hardly ever says twice in a row inside a word. */
  private static final String CONSONANTS = "bdfghjklmnprstvwzðŋɡʃʒθ";

  private final Word model;
  private final Accent accent;
  private final char[] letters;
  private final int shift;
  private final int sameTo;
  private final int sameFrom;

  private Stranger(Word model, Accent accent, char[] letters) {
    this.model = model;
    this.accent = accent;
    this.letters = letters;
    this.shift = letters.length - model.letters().length();
    this.sameTo = sameTo();
    this.sameFrom = sameFrom();
  }

  /** What is read, in IPA. */
  static String read(Word model, Accent accent, char[] letters) {
    Stranger stranger = new Stranger(model, accent, letters);
    return stranger.once(stranger.read());
  }

  /** What is read by rule alone, with no model at all. */
  static String readAlone(String letters, Accent accent) {
    List<Unit> units = Reader.read(letters);
    return IntStream.range(0, units.size())
        .mapToObj(i -> Segmentation.ipa(units, i, accent))
        .collect(Collectors.joining());
  }

  private String read() {
    StringBuilder said = new StringBuilder();
    List<Unit> mine = Reader.read(new String(letters));
    int at = 0;
    for (int i = 0; i < mine.size(); i++) {
      Unit unit = mine.get(i);
      int length = unit.grapheme().headLength();
      int as = asInModel(unit, at, at + length);
      int known = as >= 0 ? 0 : readAsInModel(mine, i, at);
      if (known > 0) {
        int from = model.cut().unitAt(at);
        for (int m = from; model.cut().size() > m && model.cut().start(m) < at + known; m++) {
          said.append(model.cut().ipa(m, accent));
        }
        for (int end = at + known; at < end; i++) {
          at += mine.get(i).grapheme().headLength();
        }
        i--;
        continue;
      }
      said.append(as >= 0 ? model.cut().ipa(as, accent) : Segmentation.ipa(mine, i, accent));
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
  private int readAsInModel(List<Unit> mine, int first, int at) {
    int unit = at < sameTo ? model.cut().unitAt(at) : 0;
    int end = at < sameTo ? model.cut().silentE(unit) + 1 : 0;
    boolean known = end > at && end <= sameTo && model.cut().start(unit) == at;
    return known && isCutAlike(mine, first, at, end) ? end - at : 0;
  }

  /** Whether these letters are read alike, unit by unit, by the rules that know no model. */
  private boolean isCutAlike(List<Unit> mine, int first, int at, int end) {
    List<Unit> there = Reader.read(model.letters());
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
    if (as < 0) {
      return -1;
    }
    Sound sound = model.cut().unit(as).sound();
    boolean mayBe = says(letters, from, grapheme, sound);
    return mayBe || isAsIrregular(grapheme, from, as) ? as : -1;
  }

  /**
   * Whether the rules fail the model itself here, and nothing around the letters has changed that.
   */
  private boolean isAsIrregular(String grapheme, int from, int as) {
    char[] whole = model.letters().toCharArray();
    int start = model.cut().start(as);
    return !says(whole, start, grapheme, model.cut().unit(as).sound())
        && isReadAlike(
            Reader.sounds(whole, start, grapheme), Reader.sounds(letters, from, grapheme));
  }

  /** Whether a grapheme is likeliest read as the same sort of sound in two surroundings. */
  static boolean isReadAlike(List<Sound> here, List<Sound> there) {
    boolean silent = here.isEmpty() || there.isEmpty();
    return silent ? here.equals(there) : here.get(0).kind() == there.get(0).kind();
  }

  private boolean says(char[] word, int at, String grapheme, Sound sound) {
    boolean weak = sound.isWeakVowel();
    return weak || Reader.sounds(word, at, grapheme).stream().anyMatch(s -> accent.alike(s, sound));
  }

  private int unitAt(int start, String grapheme) {
    if (start < 0 || start >= model.letters().length()) {
      return -1;
    }
    int unit = model.cut().unitAt(start);
    boolean here = model.cut().start(unit) == start;
    return here && model.cut().unit(unit).grapheme().text().equals(grapheme) ? unit : -1;
  }

  /** Up to where the letters are the model's, counted from the start. */
  private int sameTo() {
    String whole = model.letters();
    int most = Math.min(whole.length(), letters.length);
    int same = 0;
    while (same < most && whole.charAt(same) == letters[same]) {
      same++;
    }
    return same;
  }

  /** From where on the letters are the model's, counted from the end. */
  private int sameFrom() {
    String whole = model.letters();
    int from = letters.length;
    while (from > Math.max(0, shift) && whole.charAt(from - 1 - shift) == letters[from - 1]) {
      from--;
    }
    return from;
  }

  /** What was read, a consonant that two letters say by chance said once (boxs as box). */
  private String once(String said) {
    int twice = doubled(said, 1);
    if (twice < 0 || doubled(model.cut().ipa(accent), 1) >= 0) {
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
