package dettato.reading;

import java.util.List;

/** Reading rules in the order they are tried, kept by some letters around, so that few are. */
final class RuleIndex {
  private final ReadingRule[] rules;
  private final int[] offsets;

  /** By offset and kind of letter, one bit for each rule that such a letter there may fit. */
  private final long[][] mayFit;

  /**
   * @param rules in the order they are tried, at most 64
   * @param offsets of the letters they are kept by, counted from the first of the grapheme
   */
  RuleIndex(List<ReadingRule> rules, int... offsets) {
    if (rules.size() > Long.SIZE) {
      throw new IllegalArgumentException(rules.size() + " reading rules; an index holds 64");
    }
    this.rules = rules.toArray(new ReadingRule[0]);
    this.offsets = offsets;
    this.mayFit = new long[offsets.length][LetterPattern.KINDS];
    for (int i = 0; i < rules.size(); i++) {
      for (int offset = 0; offset < offsets.length; offset++) {
        for (int kind = 0; kind < LetterPattern.KINDS; kind++) {
          boolean may = rules.get(i).mayFit(offsets[offset], kind);
          mayFit[offset][kind] |= may ? 1L << i : 0;
        }
      }
    }
  }

  List<ReadingRule> all() {
    return List.of(rules);
  }

  ReadingRule get(int index) {
    return rules[index];
  }

  /** Index of the first rule that fits a place, or -1. */
  int first(LetterMasks word, int at) {
    long left = -1;
    for (int i = 0; i < offsets.length; i++) {
      left &= mayFit[i][word.kind(at + offsets[i])];
    }
    for (; left != 0; left &= left - 1) {
      int rule = Long.numberOfTrailingZeros(left);
      if (rules[rule].fits(word, at)) {
        return rule;
      }
    }
    return -1;
  }
}
