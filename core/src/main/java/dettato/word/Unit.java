package dettato.word;

import dettato.input.Unacceptable;
import dettato.sound.Grapheme;
import dettato.sound.Sound;
import dettato.sound.Sounds;
import java.util.Locale;
import java.util.Set;

/**
 * One correspondence in place: a grapheme of a word and the sound it spells there.
 *
 * @param stress how loud the vowel is; {@link Stress#NONE} on consonants
 * @param opensBeat whether a new beat (syllable) begins with this unit
 */
public record Unit(Sound sound, Grapheme grapheme, Stress stress, boolean opensBeat) {
  private static final Set<String> HARDLY_HEARD = Set.of("KIT", "commA");

  /** Loudness of a vowel. */
  public enum Stress {
    NONE,
    MAIN,
    SECOND
  }

  /** A unit without stress or beat, for a spelling that is only read. */
  public static Unit of(String grapheme, String sound) {
    return new Unit(Sounds.of(sound), new Grapheme(grapheme), Stress.NONE, false);
  }

  /**
   * Reads the table's form: {@code dge:dʒ}, {@code i:'KIT} (main stress), {@code a:,FACE} (second).
   *
   * @throws Unacceptable when the form is broken or the sound unknown
   */
  static Unit parse(String text, boolean opensBeat) {
    int colon = text.indexOf(':');
    if (colon < 1 || colon == text.length() - 1) {
      throw new Unacceptable(
          "unit '%s' is not grapheme:sound".formatted(text).toLowerCase(Locale.ROOT));
    }
    char mark = text.charAt(colon + 1);
    Stress stress = mark == '\'' ? Stress.MAIN : mark == ',' ? Stress.SECOND : Stress.NONE;
    String sound = text.substring(colon + (stress == Stress.NONE ? 1 : 2));
    return new Unit(Sounds.of(sound), new Grapheme(text.substring(0, colon)), stress, opensBeat);
  }

  /** The table's form; the reverse of {@link #parse}, without the beat. */
  public String format() {
    String mark = stress == Stress.MAIN ? "'" : stress == Stress.SECOND ? "," : "";
    return grapheme.text() + ":" + mark + sound.id();
  }

  /** Whether this spells a short vowel with one letter, the condition of many rules. */
  public boolean isShortVowelLetter() {
    return grapheme.text().length() == 1
        && (sound.kind() == Sound.Kind.SHORT || sound.id().equals("BATH"));
  }

  /** Whether this is one of the two weak vowels that nobody tells apart (pencil, parcel). */
  public boolean isHardlyHeard() {
    return stress == Stress.NONE && HARDLY_HEARD.contains(sound.id());
  }

  /** Whether one letter spells a vowel without stress, which is hardly read by a rule (orange). */
  public boolean isWeakLetter() {
    return isHardlyHeard() && grapheme.text().length() == 1;
  }

  /** The same unit with another sound. */
  public Unit withSound(Sound other) {
    return new Unit(other, grapheme, stress, opensBeat);
  }

  /** The same unit in other letters. */
  public Unit spelled(String letters) {
    return new Unit(sound, new Grapheme(letters), stress, opensBeat);
  }

  /** The same unit as the first of a beat, or not. */
  public Unit withBeat(boolean opens) {
    return new Unit(sound, grapheme, stress, opens);
  }
}
