package dettato.word;

import dettato.sound.Grapheme;
import dettato.sound.Sound;
import dettato.sound.Sounds;
import dettato.table.Row;
import java.util.List;
import java.util.stream.Stream;

/**
 * How one grapheme is read in one surrounding.
 *
 * @param headLength how many letters stand together
 * @param sounds what it may say there, likeliest first; empty when it is silent
 */
record ReadingRule(
    LetterPattern before,
    Grapheme grapheme,
    int headLength,
    LetterPattern after,
    List<Sound> sounds,
    String example) {

  static ReadingRule of(Row row) {
    return new ReadingRule(
        LetterPattern.compile(row.get("before")),
        new Grapheme(row.get("grapheme")),
        new Grapheme(row.get("grapheme")).head().length(),
        LetterPattern.compile(row.get("after")),
        Stream.of(row.get("sounds").split(" ")).filter(s -> !s.isEmpty()).map(Sounds::of).toList(),
        row.get("example"));
  }

  boolean fits(char[] word, int at) {
    String head = grapheme.head();
    if (at + head.length() > word.length) {
      return false;
    }
    for (int i = 0; i < head.length(); i++) {
      if (word[at + i] != head.charAt(i)) {
        return false;
      }
    }
    return fitsAround(word, at);
  }

  /** Whether the surroundings fit, where the grapheme's own letters are known to stand. */
  boolean fitsAround(char[] word, int at) {
    return after.fitsAfter(word, at + headLength) && before.fitsBefore(word, at);
  }

  /** Where the silent e of a split digraph stands, or -1. */
  int silentE(int at) {
    return grapheme.isSplit() ? at + grapheme.head().length() + after.silentE() : -1;
  }
}
