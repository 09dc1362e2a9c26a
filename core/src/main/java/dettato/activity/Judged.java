package dettato.activity;

import dettato.mark.Mark;
import dettato.mark.Result;
import dettato.mark.SentenceMarker.Convention;
import dettato.mark.SentenceMarker.Kind;
import dettato.mark.SentenceMarker.WordMark;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What an answer is, word by word, with the conventions of writing where it has any.
 *
 * @param words in the order of what was dictated
 * @param isSpelling whether what has no mark is a word all the same, lost or added: graphemes,
 *     columns and marks on words are none
 */
public record Judged(List<WordMark> words, List<Convention> conventions, boolean isSpelling) {
  private static final List<Result> WORST_FIRST =
      List.of(Result.SOUND_ERROR, Result.READS_OTHERWISE, Result.READS_RIGHT, Result.RIGHT);

  public Judged {
    words = List.copyOf(words);
    conventions = List.copyOf(conventions);
  }

  public Judged(List<WordMark> words, List<Convention> conventions) {
    this(words, conventions, true);
  }

  /** An answer of parts that are there or not, and of nothing that is spelled. */
  public static Judged ofParts(List<WordMark> parts) {
    return new Judged(parts, List.of(), false);
  }

  /** One part of an answer that is right, off, lost or not asked. */
  public static WordMark part(String asked, String written) {
    Kind kind =
        asked.isEmpty()
            ? Kind.EXTRA
            : written.isEmpty() ? Kind.MISSING : asked.equals(written) ? Kind.MATCH : Kind.REPLACED;
    return new WordMark(asked, written, kind, Optional.empty(), List.of());
  }

  /** The judgement of one word. */
  public static Judged of(Mark mark) {
    return new Judged(
        List.of(
            new WordMark(
                mark.target().spelling(),
                mark.attempt(),
                Kind.MATCH,
                Optional.of(mark),
                List.of())),
        List.of());
  }

  /**
   * The whole: blank when nothing stands there, else as its worst word; a word lost, added or put
   * elsewhere is no better than a sound that is off.
   */
  public Result result() {
    if (words.stream().allMatch(w -> w.written().isBlank())) {
      return Result.BLANK;
    }
    Result worst =
        words.stream()
            .map(Judged::of)
            .min(Comparator.comparing(WORST_FIRST::indexOf))
            .orElse(Result.BLANK);
    return worst == Result.RIGHT && signsOff() > 0 ? Result.READS_RIGHT : worst;
  }

  private static Result of(WordMark word) {
    return switch (word.kind()) {
      case MATCH, SPLIT ->
          word.mark()
              .map(Mark::result)
              .orElse(isPlainRight(word) ? Result.RIGHT : Result.SOUND_ERROR);
      case JOINED ->
          word.parts().stream()
              .map(Mark::result)
              .min(Comparator.comparing(WORST_FIRST::indexOf))
              .orElse(Result.SOUND_ERROR);
      case MISSING, EXTRA, DOUBLED, REPLACED, SWAPPED -> Result.SOUND_ERROR;
    };
  }

  /** A part without letters to judge, there as it should be. */
  private static boolean isPlainRight(WordMark word) {
    return word.kind() == Kind.MATCH
        && word.mark().isEmpty()
        && word.target().equals(word.written());
  }

  /** Whether the marks drawn on a word, which follow its letters, are right; empty without any. */
  public Optional<Boolean> signsRight() {
    boolean drawn = !isSpelling && words.size() == 2 && words.get(0).mark().isPresent();
    return drawn ? Optional.of(words.get(1).kind() == Kind.MATCH) : Optional.empty();
  }

  /** How many words were dictated. */
  public int asked() {
    return words.stream()
        .filter(w -> !w.target().isEmpty())
        .mapToInt(w -> Math.max(1, w.parts().size()))
        .sum();
  }

  /** How many of them are spelled as they should be, wherever they stand. */
  public int right() {
    return words.stream()
        .mapToInt(
            w ->
                isPlainRight(w)
                    ? 1
                    : (int) marks(w).stream().filter(m -> m.result() == Result.RIGHT).count())
        .sum();
  }

  /** The judgements a word of the answer holds: one, none, or one for each part. */
  public static List<Mark> marks(WordMark word) {
    return word.parts().isEmpty() ? word.mark().map(List::of).orElse(List.of()) : word.parts();
  }

  /** How many conventions of writing are broken. */
  public int signsOff() {
    return (int) conventions.stream().filter(c -> c.outcome().isFailure()).count();
  }
}
