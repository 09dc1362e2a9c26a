package dettato.mark;

import dettato.rule.Opportunity;
import dettato.word.Word;
import java.util.List;
import java.util.Optional;

/**
 * The judgement of one attempt at one word.
 *
 * @param units one for each unit of the target, in order
 * @param extras letters that stand for nothing, left to right
 * @param swaps neighbours that changed places
 * @param rules one for each opportunity of the target
 * @param readsAs how the attempt would be read, in IPA without slashes; "" when nothing was written
 * @param realWord what kind of other real word was written, if one was
 * @param oddities a gap, hyphen or capital inside the word, a small letter where a name begins,
 *     each named once
 * @param regularised where the target is itself an exception to a rule that the attempt followed
 *     (much written mutch: final-ch)
 * @param points what the explanation costs: 0 for the model; see {@code costs.tsv}
 */
public record Mark(
    Word target,
    String attempt,
    Result result,
    List<UnitMark> units,
    List<Extra> extras,
    List<Swap> swaps,
    List<RuleMark> rules,
    String readsAs,
    Optional<RealWord> realWord,
    List<String> oddities,
    List<Opportunity> regularised,
    int points) {

  /** Another word of the lexicon: one that sounds the same, or not. */
  public enum RealWord {
    HOMOPHONE,
    ANOTHER
  }

  public Mark {
    units = List.copyOf(units);
    extras = List.copyOf(extras);
    swaps = List.copyOf(swaps);
    rules = List.copyOf(rules);
    oddities = List.copyOf(oddities);
    regularised = List.copyOf(regularised);
  }

  /** Whether what was written is not an attempt that the word can explain (asdf). */
  public boolean noMatch() {
    return result == Result.SOUND_ERROR
        && units.stream()
            .allMatch(u -> u.verdict() == Verdict.OTHER || u.verdict() == Verdict.MISSING);
  }

  /** The same mark, for what stood there before marks of punctuation were set right. */
  Mark writtenAs(String text) {
    return new Mark(
        target,
        text,
        result,
        units,
        extras,
        swaps,
        rules,
        readsAs,
        realWord,
        oddities,
        regularised,
        points);
  }

  /** Sounds represented legally. */
  public long represented() {
    return units.stream().filter(u -> u.verdict().represents()).count();
  }

  /** Element score, at most three a unit (Masterson and Apel 2010). */
  public int elementScore() {
    return units.stream().mapToInt(u -> u.verdict().elementScore()).sum();
  }
}
