package dettato.profile;

import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.sound.SoundNames;
import dettato.sound.SoundSigns;

/**
 * How a text that explains something is said to a class: in its terms, with sounds in its signs.
 *
 * @param terms what it calls things
 * @param sounds how it writes sounds
 */
public record Wording(Terms terms, SoundNames sounds) {
  /** Where no class is asked. */
  public static final Wording OURS =
      new Wording(
          Terms.OURS, new SoundNames(Accents.of(Accents.SOUTHERN_BRITISH), SoundSigns.WORD));

  /** That of a class with these choices. */
  public static Wording of(Choices choices, Accent accent) {
    return new Wording(Terms.of(choices.terms()), new SoundNames(accent, choices.signs()));
  }

  /** A text as the class says it. */
  public String said(String text) {
    return sounds.in(terms.said(text));
  }

  /** A text in the words of the class, in ours again; sounds stay as they are written. */
  public String ours(String text) {
    return terms.ours(text);
  }
}
