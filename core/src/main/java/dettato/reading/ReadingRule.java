package dettato.reading;

import dettato.sound.Grapheme;
import dettato.sound.Sound;
import dettato.sound.Sounds;
import dettato.table.Row;
import dettato.word.Unit;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * How one grapheme is read in one surrounding.
 *
 * @param head the letters that stand together
 * @param onwards the head and what follows it
 * @param sounds what it may say there, likeliest first; empty when it is silent
 * @param read what it is read as; none when it is silent
 */
record ReadingRule(
    LetterPattern before,
    Grapheme grapheme,
    String head,
    LetterPattern after,
    LetterPattern onwards,
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
        LetterPattern.compile(grapheme.head() + row.get("after")),
        sounds,
        sounds.stream().findFirst().map(s -> new Unit(s, grapheme, Unit.Stress.NONE, false)),
        row.get("example"));
  }

  /** Whether the grapheme stands there, in such surroundings. */
  boolean fits(LetterMasks word, int at) {
    return onwards.fitsAfter(word, at) && before.fitsBefore(word, at);
  }

  /**
   * Whether it may fit where a letter of this kind stands so far from the grapheme's first letter.
   */
  boolean mayFit(int offset, int kind) {
    return offset < 0
        ? before.mayStand(before.length() + offset, kind)
        : onwards.mayStand(offset, kind);
  }

  int headLength() {
    return head.length();
  }

  /** Where the silent e of a split digraph stands, or -1. */
  int silentE(int at) {
    return grapheme.isSplit() ? at + head.length() + after.silentE() : -1;
  }
}
