package dettato.mark;

import dettato.reading.LetterMasks;
import dettato.reading.ReadingRules;
import dettato.reading.Readings;
import dettato.sound.Sound;
import java.util.List;

/**
 * How what was written is read by rule, by a stranger to the target: the target is asked only
 * whether a rule would let letters say its sounds.
 */
final class ReadBack {
  private final Target target;
  private final LetterMasks letters;

  ReadBack(Target target, String letters) {
    this.target = target;
    this.letters = new LetterMasks(letters);
  }

  /** Whether a grapheme at this place may be read as the unit's sound. */
  boolean says(int unit, String written, int at) {
    UnitForms forms = target.units[unit];
    if (isWithSilentE(written, forms.grapheme) && forms.isNamedByRule(written)) {
      return forms.readings(forms.grapheme).says(letters, at);
    }
    if (written.equals(forms.grapheme) && forms.unit.isWeakLetter()) {
      return true;
    }
    Readings readings = forms.readings(written);
    return readings.says(letters, at)
        || isWeak(forms.sound(), written, at)
        || written.equals("e") && target.isWeakLetter(unit, written)
        || !readings.speaks(letters, at) && saysInParts(forms.parts, written, at);
  }

  private static boolean isWithSilentE(String written, String grapheme) {
    return written.length() == grapheme.length() + 1
        && written.endsWith("e")
        && written.startsWith(grapheme);
  }

  /**
   * Whether a grapheme is as in the model, where the rules fail the model itself, and nothing
   * around it has changed how a stranger reads it.
   */
  boolean isAsIrregular(int unit, String written, int at) {
    return written.equals(target.units[unit].grapheme)
        && !target.isRegular(unit)
        && target.model.isReadAlike(letters, at, unit);
  }

  /** A vowel without stress may be any single vowel letter; only a last e would be silent. */
  private boolean isWeak(Sound sound, String written, int at) {
    boolean letter = written.length() == 1 && "aeiou".contains(written);
    boolean silent = written.equals("e") && at == letters.length() - 1;
    return letter && !silent && sound.id().equals("commA");
  }

  /** What a stranger to the target reads in all that was written. */
  String whole() {
    return Stranger.read(target.model, letters);
  }

  private boolean saysInParts(List<Sound> parts, String written, int at) {
    if (parts.size() < 2 || written.indexOf('_') >= 0) {
      return false;
    }
    Sound first = parts.get(0);
    Sound second = parts.get(parts.size() - 1);
    for (int cut = 1; cut < written.length(); cut++) {
      if (anyAlike(ReadingRules.sounds(letters, at, written.substring(0, cut)), first)
          && anyAlike(ReadingRules.sounds(letters, at + cut, written.substring(cut)), second)) {
        return true;
      }
    }
    return false;
  }

  private boolean anyAlike(List<Sound> options, Sound sound) {
    return options.stream().anyMatch(o -> target.accent.alike(o, sound));
  }
}
