package dettato.app.session;

/** Where a session stands. */
public enum SessionState {
  PLANNED,
  GIVEN,
  /** Its findings were looked at and acted on. */
  ANSWERED
}
