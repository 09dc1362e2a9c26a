package dettato.profile;

/** What a child does with a mistake. First attempts are kept in the record always. */
public enum Correcting {
  LINE,
  FIX,
  TICK
}
