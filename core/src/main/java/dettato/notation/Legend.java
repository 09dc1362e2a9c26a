package dettato.notation;

import java.util.ArrayList;
import java.util.List;

/** What a class's shapes mean, each drawn on an example. */
public final class Legend {
  private Legend() {}

  /**
   * A line of a legend.
   *
   * @param drawing the shape on an example
   */
  public record Entry(Meaning meaning, Shape shape, String title, Drawing drawing) {}

  /** A line for everything that is marked, in the order meanings are listed. */
  public static List<Entry> of(Notation notation) {
    List<Entry> entries = new ArrayList<>();
    for (Meaning meaning : notation.meanings()) {
      Shape shape = notation.of(meaning).orElseThrow();
      Drawing drawing =
          shape == Shape.BEAT_LINE
              ? Drawing.between("rab", "bit", shape)
              : shape == Shape.TICK
                  ? Drawing.between("sh", "i", shape)
                  : meaning == Meaning.SPLIT
                      ? Drawing.around("a", "k", "e", shape)
                      : Drawing.phrase(example(meaning), List.of(shape));
      entries.add(new Entry(meaning, shape, meaning.title(), drawing));
    }
    return entries;
  }

  private static String example(Meaning meaning) {
    return switch (meaning) {
      case SOUND, LETTERS, SPLIT -> "sh";
      case LETTER, SHORT_VOWEL, LONG_VOWEL -> "a";
      case DOUBLE -> "ff";
      case IRREGULAR -> "ai";
      case CHUNK -> "ing";
      case ENDING -> "ed";
      case VOWEL -> "oa";
      case SILENT -> "k";
      case SOFT -> "c";
      case BEAT -> "rabbit";
      case PHRASE -> "on the sand";
    };
  }
}
