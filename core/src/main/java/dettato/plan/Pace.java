package dettato.plan;

/**
 * How long the parts of a session take, in seconds: medians measured in classrooms, written words
 * checked after each item. A class in the room is slower; it starts at one and a half times.
 *
 * @param factor what the medians are multiplied by
 */
public record Pace(double factor) {
  public static final Pace IN_THE_ROOM = new Pace(1.5);
  private static final int WORD = 41;
  private static final int BASE_AND_ENDING = 87;
  private static final int IRREGULAR = 29;
  private static final int SENTENCE_WORD = 14;
  private static final int OPENING_AND_CLOSING = 75;

  /** Seconds for one word written and checked. */
  public int word(boolean joined, boolean irregular) {
    return scaled(irregular ? IRREGULAR : joined ? BASE_AND_ENDING : WORD);
  }

  /** Seconds for anything that is measured at so many. */
  public int of(double seconds) {
    return (int) Math.max(1, Math.round(seconds * factor));
  }

  /** Seconds for a sentence. */
  public int sentence(int words) {
    return scaled(words * SENTENCE_WORD);
  }

  /** Seconds for getting started and finishing. */
  public int frame() {
    return scaled(OPENING_AND_CLOSING);
  }

  /** Seconds of quiet to write one word of so many sounds. */
  public static int writingPause(int sounds) {
    return 4 * sounds + 2;
  }

  /** Seconds of quiet to write a sentence of so many words. */
  public static int sentencePause(int words) {
    return 12 + 10 * words;
  }

  private int scaled(int seconds) {
    return (int) Math.round(seconds * factor);
  }
}
