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
    List<WordMark> told = exchanged(words, moved);
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

  /** Two words far apart that stand each in the other's place (by the bed, bed the by). */
  private static List<WordMark> exchanged(
      List<WordMark> words, BiFunction<String, String, WordMark> moved) {
    List<WordMark> told = new ArrayList<>(words);
    for (int i = 0; i < told.size(); i++) {
      for (int j = i + 1; j < told.size(); j++) {
        WordMark one = told.get(i);
        WordMark other = told.get(j);
        if (isPut(one, other) && isPut(other, one)) {
          told.set(i, moved.apply(other.target(), one.written()));
          told.set(j, moved.apply(one.target(), other.written()));
        }
      }
    }
    return told;
  }

  /** Whether another word was dictated where this one is written, and this one elsewhere. */
  private static boolean isPut(WordMark here, WordMark there) {
    return here.kind() == Kind.REPLACED
        && Tokens.plain(here.written()).equals(Tokens.plain(there.target()));
  }
}
