package dettato.profile;

/** How a sound is asked in writing. */
public enum SoundAnswers {
  ALL,
  ONE
}
