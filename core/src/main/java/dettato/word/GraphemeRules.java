package dettato.word;

import java.util.List;
import java.util.stream.IntStream;

/** The reading rules of one grapheme, kept by the letter after it, so that few are tried. */
final class GraphemeRules {
  private final List<ReadingRule> rules;
  private final int headLength;
  private final int[][] byNext = new int[LetterPattern.KINDS][];

  /**
   * @param rules of one grapheme, in the order they are tried; at least one
   */
  GraphemeRules(List<ReadingRule> rules) {
    this.rules = List.copyOf(rules);
    this.headLength = rules.get(0).headLength();
    for (int kind = 0; kind < LetterPattern.KINDS; kind++) {
      int next = kind;
      byNext[kind] =
          IntStream.range(0, rules.size())
              .filter(i -> rules.get(i).after().mayStart(next))
              .toArray();
    }
  }

  List<ReadingRule> all() {
    return rules;
  }

  /**
   * Index of the first rule that fits where the grapheme's own letters are known to stand, or -1.
   */
  int first(char[] word, int at) {
    for (int i : byNext[LetterPattern.kind(word, at + headLength)]) {
      if (rules.get(i).fitsAround(word, at)) {
        return i;
      }
    }
    return -1;
  }
}
