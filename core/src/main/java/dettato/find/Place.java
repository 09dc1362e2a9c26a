package dettato.find;

/** Where a unit, or a run of consonants, stands in its word. */
public enum Place {
  START,
  MIDDLE,
  END;

  /** The place of one of a word's units; a word of one unit has it at the start. */
  static Place of(int unit, int size) {
    return unit == 0 ? START : unit == size - 1 ? END : MIDDLE;
  }
}
