package dettato.app.language;

import dettato.app.terms.Prose;
import dettato.engine.Engine;
import dettato.rule.Opportunity;
import dettato.rule.RuleBook;
import dettato.word.Word;
import dettato.word.WrittenBeats;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A word as the API shows it.
 *
 * @param rules the rules with an opportunity in the word
 * @param exceptions those it breaks, or keeps only because it is known by heart
 * @param own whether the school added or corrected it
 * @param commonness 1 for the commonest to 5
 * @param seam index of the letter at which a compound's second word begins, -1 when it is none
 * @param homophones other words that sound like it
 * @param twin how the other side of the ocean spells it, "" when alike
 * @param beats the beats as they are written
 */
record WordView(
    String spelling,
    List<UnitView> units,
    List<String> rules,
    List<String> exceptions,
    Source source,
    String clue,
    boolean own,
    int commonness,
    int seam,
    List<String> homophones,
    String twin,
    List<WrittenBeat> beats) {

  /** A beat as it is written, and why the word is cut after it; null for the last. */
  record WrittenBeat(String letters, @Prose @Nullable String why) {}

  /** Whether the cut is known or guessed. */
  enum Source {
    LEXICON,
    GUESS
  }

  /** Rules that decide in a word; those it goes against, if only by heart, or those it keeps. */
  private static List<String> rules(Word word, boolean against) {
    RuleBook.Places places = RuleBook.places(word);
    Stream<String> decided =
        Stream.concat(
                places.obeyed().stream().filter(o -> RuleBook.isByHeart(o) == against),
                against ? places.broken().stream() : Stream.empty())
            .map(Opportunity::rule);
    Stream<String> listed = against ? RuleBook.brokenAtJoin(word).stream() : Stream.empty();
    return Stream.concat(decided, listed).distinct().toList();
  }

  static WordView of(Word word, Engine engine, Source source) {
    return new WordView(
        word.spelling().toLowerCase(Locale.ROOT),
        UnitView.of(word.cut(), engine.accent()),
        rules(word, false),
        rules(word, true),
        source,
        word.clue(),
        engine.isOwn(word.spelling()),
        word.commonness(),
        word.seam(),
        engine.index().homophones(word),
        word.region().map(Word.Region::twin).orElse(""),
        WrittenBeats.of(word).stream()
            .map(p -> new WrittenBeat(p.letters(), p.why().map(w -> w.says()).orElse(null)))
            .toList());
  }
}
