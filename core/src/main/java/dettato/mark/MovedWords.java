package dettato.mark;

import dettato.mark.SentenceMarker.Kind;
import dettato.mark.SentenceMarker.WordMark;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;

/** A word that stands elsewhere is one fact: not one lost and another added. */
final class MovedWords {
  private MovedWords() {}

  /**
   * The same words, each one that was lost here and added there told where it was written.
   *
   * @param moved makes the mark of a word that changed its place, of dictated and written
   */
  static List<WordMark> toldOnce(List<WordMark> words, BiFunction<String, String, WordMark> moved) {
    List<WordMark> told = new ArrayList<>(words);
    for (WordMark lost : words) {
      if (lost.kind() != Kind.MISSING) {
        continue;
      }
      Optional<WordMark> added =
          told.stream()
              .filter(w -> w.kind() == Kind.EXTRA)
              .filter(w -> Tokens.plain(w.written()).equals(Tokens.plain(lost.target())))
              .findFirst();
      added.ifPresent(
          w -> {
            told.set(told.indexOf(w), moved.apply(lost.target(), w.written()));
            told.remove(lost);
          });
    }
    return told;
  }
}
