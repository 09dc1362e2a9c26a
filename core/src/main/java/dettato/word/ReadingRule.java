package dettato.word;

import dettato.sound.Grapheme;
import dettato.sound.Sound;
import dettato.sound.Sounds;
import dettato.table.Row;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * How one grapheme is read in one surrounding.
 *
 * @param head the letters that stand together
 * @param sounds what it may say there, likeliest first; empty when it is silent
 * @param read what it is read as; none when it is silent
 */
record ReadingRule(
    LetterPattern before,
    Grapheme grapheme,
    String head,
    LetterPattern after,
    List<Sound> sounds,
    Optional<Unit> read,
    String example) {

  static ReadingRule of(Row row) {
    Grapheme grapheme = new Grapheme(row.get("grapheme"));
    List<Sound> sounds =
        Stream.of(row.get("sounds").split(" ")).filter(s -> !s.isEmpty()).map(Sounds::of).toList();
    return new ReadingRule(
        LetterPattern.compile(row.get("before")),
        grapheme,
        grapheme.head(),
        LetterPattern.compile(row.get("after")),
        sounds,
        sounds.stream().findFirst().map(s -> new Unit(s, grapheme, Unit.Stress.NONE, false)),
        row.get("example"));
  }

  /** Whether it fits where its first letter is known to stand. */
  boolean fits(char[] word, int at) {
    if (at + head.length() > word.length) {
      return false;
    }
    for (int i = 1; i < head.length(); i++) {
      if (word[at + i] != head.charAt(i)) {
        return false;
      }
    }
    return fitsAround(word, at);
  }

  /** Whether it may fit where its first letter is followed by a letter of this kind. */
  boolean mayStandBefore(int kind) {
    return head.length() > 1 ? head.charAt(1) - 'a' == kind : after.mayStart(kind);
  }

  int headLength() {
    return head.length();
  }

  /** Whether the surroundings fit, where the grapheme's own letters are known to stand. */
  boolean fitsAround(char[] word, int at) {
    return after.fitsAfter(word, at + head.length()) && before.fitsBefore(word, at);
  }

  /** Where the silent e of a split digraph stands, or -1. */
  int silentE(int at) {
    return grapheme.isSplit() ? at + head.length() + after.silentE() : -1;
  }
}
