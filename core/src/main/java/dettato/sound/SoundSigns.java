package dettato.sound;

/** How a class wants sounds written. */
public enum SoundSigns {
  /** By the letters it is mostly spelled with and a word that has it: ai as in rain. */
  WORD,
  /** By the letters alone: ai. */
  LETTERS,
  /** By phonetic signs, the IPA: /eɪ/. */
  PHONETIC
}
