package dettato.profile;

/** When the model is shown. */
public enum Checking {
  EACH,
  END
}
