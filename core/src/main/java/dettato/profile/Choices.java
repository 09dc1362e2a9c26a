package dettato.profile;

import dettato.input.Unacceptable;
import dettato.notation.Chunks;
import dettato.notation.Notation;
import dettato.notation.Parting;
import dettato.plan.TeachingSequence.Ticks;
import dettato.sound.SoundSigns;
import java.util.List;
import java.util.Map;

/**
 * What a class does in its own way. Whatever is chosen, errors are told by sound and first attempts
 * are kept.
 *
 * @param chunks letters that the class learns as one piece
 * @param pace of writing, in hundredths of the usual time
 * @param terms by term what the class calls it, where it is not as we do
 * @param ticks what it is ahead with in the teaching sequence, and what it waits with
 */
public record Choices(
    Parting parting,
    List<String> chunks,
    Rightness right,
    ByHeart byHeart,
    Correcting correcting,
    Checking checking,
    Counting counting,
    Ahead ahead,
    Doubling doubling,
    SoundAnswers sounds,
    SoundSigns signs,
    int pace,
    Notation notation,
    Map<String, String> terms,
    Ticks ticks) {
  private static final int SLOWEST = 300;
  private static final int FASTEST = 50;
  private static final int MOST_CHUNKS = 60;

  /** How a class begins. */
  public static final Choices USUAL =
      new Choices(
          Parting.SOUND,
          List.of(),
          Rightness.EXACT,
          ByHeart.SOUNDED,
          Correcting.LINE,
          Checking.EACH,
          Counting.GIVEN,
          Ahead.BARRED,
          Doubling.FULL,
          SoundAnswers.ALL,
          SoundSigns.WORD,
          100,
          Notation.PLAIN,
          Map.of(),
          Ticks.NONE);

  /**
   * @throws Unacceptable when a chunk is no run of letters, the pace out of bounds, or a term no
   *     word
   */
  public Choices {
    chunks = Chunks.taught(chunks);
    if (chunks.size() > MOST_CHUNKS) {
      throw new Unacceptable("There may be " + MOST_CHUNKS + " chunks; these are " + chunks.size());
    }
    terms = Map.copyOf(Terms.kept(terms));
    if (pace < FASTEST || pace > SLOWEST) {
      throw new Unacceptable(
          "The pace is between %d and %d hundredths of the usual time."
              .formatted(FASTEST, SLOWEST));
    }
  }
}
