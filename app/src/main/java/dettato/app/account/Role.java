package dettato.app.account;

/** What an account may do beside its own classes. */
public enum Role {
  /** Looks after the school's words and its teachers. */
  LEAD,
  TEACHER
}
