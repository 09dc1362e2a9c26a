package dettato.app.language;

import dettato.rule.Opportunity;
import dettato.rule.RuleBook;
import dettato.word.Word;
import java.util.List;
import java.util.Locale;

/**
 * A word as the API shows it.
 *
 * @param own whether the school added or corrected it
 * @param commonness 1 for the commonest to 5
 * @param seam index of the letter at which a compound's second word begins, -1 when it is none
 * @param homophones other words that sound like it
 * @param twin how the other side of the ocean spells it, "" when alike
 */
record WordView(
    String spelling,
    List<UnitView> units,
    List<String> rules,
    Source source,
    String clue,
    boolean own,
    int commonness,
    int seam,
    List<String> homophones,
    String twin) {

  /** Whether the cut is known or guessed. */
  enum Source {
    LEXICON,
    GUESS
  }

  static WordView of(Word word, Language language, Source source) {
    return new WordView(
        word.spelling().toLowerCase(Locale.ROOT),
        UnitView.of(word.cut(), language.accent()),
        RuleBook.opportunities(word).stream().map(Opportunity::rule).distinct().toList(),
        source,
        word.clue(),
        language.isOwn(word.spelling()),
        word.commonness(),
        word.seam(),
        language.index().homophones(word),
        word.region().map(Word.Region::twin).orElse(""));
  }
}
