package dettato.sound;

import java.util.List;

/**
 * What one grapheme stands for, without an accent: a consonant, a vowel named by its lexical set,
 * or a fixed run of them ("k+s" for x).
 *
 * @param id the IPA of a consonant, the name of a lexical set, or parts joined by "+"
 * @param kind what sort of sound it is; a run takes the kind of its first vowel, else consonant
 * @param parts the sounds of a run; the sound itself when it is a single one is not listed: empty
 */
public record Sound(String id, Kind kind, List<Sound> parts) {
  /** Sorts of sound. RHOTIC vowels carry a written r, sounded or not; WEAK ones are unstressed. */
  public enum Kind {
    CONSONANT,
    SHORT,
    LONG,
    RHOTIC,
    WEAK
  }

  public Sound {
    parts = List.copyOf(parts);
  }

  public boolean isVowel() {
    return kind != Kind.CONSONANT;
  }

  /** Whether it is hardly heard as itself: a weak vowel, or one with an r (the er of letter). */
  public boolean isWeakVowel() {
    return kind == Kind.WEAK || id.equals("lettER");
  }

  public boolean isRun() {
    return !parts.isEmpty();
  }

  /** The sound this one begins with: itself, or the first part of a run. */
  public Sound first() {
    return isRun() ? parts.get(0) : this;
  }

  /** The sound this one ends in: itself, or the last part of a run. */
  public Sound last() {
    return isRun() ? parts.get(parts.size() - 1) : this;
  }

  @Override
  public String toString() {
    return id;
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Sound s && s.id.equals(id);
  }

  @Override
  public int hashCode() {
    return id.hashCode();
  }
}
