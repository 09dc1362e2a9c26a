package dettato.mark;

import dettato.reading.LetterMasks;
import dettato.reading.Reader;
import dettato.reading.ReadingRules;
import dettato.reading.Readings;
import dettato.sound.Accent;
import dettato.sound.Sound;
import dettato.word.Segmentation;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.Arrays;
import java.util.List;

/** What a stranger makes of the model's own letters, unit by unit. */
final class ModelReading {
  final Segmentation cut;
  final Accent accent;

  /** How the model is said, in IPA. */
  final String ipa;

  /** How most hear it, in IPA: of two sounds that have become one, always the same. */
  final String heard;

  /** What is read in its letters alone, in IPA; not {@link #ipa} where irregular. */
  final String alone;

  /** Its letters as somebody reads them who knows no word. */
  final Segmentation asRead;

  private final String[] unitIpa;
  private final Readings[] readings;
  private final boolean[] says;

  /** What the rules let each unit's grapheme say in the model itself. */
  private final List<List<Sound>> sounds;

  private final int[] starting;

  ModelReading(Word word, Accent accent) {
    this.cut = word.cut();
    this.accent = accent;
    this.ipa = cut.ipa(accent);
    this.heard = cut.heard(accent);
    LetterMasks letters = new LetterMasks(word.letters());
    this.asRead = Reader.readLawfully(word.letters());
    this.alone = asRead.ipa(accent);
    this.unitIpa = new String[cut.size()];
    this.readings = new Readings[cut.size()];
    this.says = new boolean[cut.size()];
    this.starting = new int[letters.length()];
    Arrays.fill(starting, -1);
    List<Sound>[] sounds = new List[cut.size()];
    for (int i = 0; i < cut.size(); i++) {
      Unit unit = cut.unit(i);
      String grapheme = unit.grapheme().text();
      starting[cut.start(i)] = i;
      unitIpa[i] = cut.ipa(i, accent);
      readings[i] = SoundForms.shared(unit.sound(), accent).readings(grapheme);
      sounds[i] = ReadingRules.sounds(letters, cut.start(i), grapheme);
      says[i] = mayBe(letters, cut.start(i), i);
    }
    this.sounds = List.of(sounds);
  }

  String ipa(int unit) {
    return unitIpa[unit];
  }

  /** The unit that begins with a letter of the model; -1 where none does, or no letter is. */
  int starting(int letter) {
    return letter >= 0 && letter < starting.length ? starting[letter] : -1;
  }

  /** Whether the unit's grapheme, which stands at a place of other letters, may be read as due. */
  boolean mayBe(LetterMasks letters, int at, int unit) {
    return cut.unit(unit).sound().isWeakVowel()
        || cut.unit(unit).isWeakLetter()
        || readings[unit].says(letters, at);
  }

  /**
   * Whether the rules fail the model itself at a unit, and nothing around its letters has changed
   * that where they stand now.
   */
  boolean isAsIrregular(LetterMasks letters, int at, int unit) {
    return !says[unit] && isReadAlike(letters, at, unit);
  }

  /** Whether a unit's grapheme is likeliest read as the same sort of sound as in the model. */
  boolean isReadAlike(LetterMasks letters, int at, int unit) {
    List<Sound> here = ReadingRules.sounds(letters, at, cut.unit(unit).grapheme().text());
    List<Sound> there = sounds.get(unit);
    boolean silent = here.isEmpty() || there.isEmpty();
    return silent ? here.equals(there) : here.get(0).kind() == there.get(0).kind();
  }
}
