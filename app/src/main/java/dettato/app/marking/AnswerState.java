package dettato.app.marking;

/** How a cell stands. */
public enum AnswerState {
  /** Something is written, right or not. */
  WRITTEN,
  /** The child wrote nothing. */
  BLANK,
  /** It cannot be read for sure, and says nothing. */
  UNSURE,
  /** Nothing has been entered, or what had been was taken back. */
  EMPTY
}
