package dettato.diagnose;

import dettato.mark.Mark;
import dettato.mark.RuleMark;
import dettato.rule.Opportunity;
import dettato.rule.Outcome;
import dettato.rule.RuleBook;
import dettato.word.Word;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * A place of a sound in a word: what is due there, and which other graphemes the rules leave open.
 * Where a rule decides, what breaks it is the rule's to tell and no leaning of the child's.
 *
 * @param sound its id
 * @param due the word's own grapheme
 * @param openTo {@code *} when no rule decides; else graphemes with commas, "" for none
 */
public record SoundPlace(String sound, String due, String openTo) {
  private static final String ANY = "*";

  /** The place of one unit of a marked word. */
  public static SoundPlace of(Mark mark, int unit) {
    List<Set<String>> limits =
        mark.rules().stream()
            .filter(r -> r.at().unit() == unit)
            .flatMap(r -> limit(r).stream())
            .toList();
    return new SoundPlace(
        mark.target().cut().unit(unit).sound().id(),
        mark.target().cut().unit(unit).grapheme().text(),
        limits.isEmpty() ? ANY : common(limits));
  }

  /**
   * The places of a word as they are where it is written right, one for each unit: what {@link #of}
   * says of a right mark, without a mark.
   */
  public static List<SoundPlace> of(Word word) {
    List<Opportunity> decided =
        RuleBook.opportunities(word).stream().filter(o -> !RuleBook.of(o.rule()).isWeak()).toList();
    return IntStream.range(0, word.cut().size())
        .mapToObj(
            i -> {
              List<Set<String>> limits =
                  decided.stream().filter(o -> o.unit() == i).map(Opportunity::due).toList();
              return new SoundPlace(
                  word.cut().unit(i).sound().id(),
                  word.cut().unit(i).grapheme().text(),
                  limits.isEmpty() ? ANY : common(limits));
            })
        .toList();
  }

  /** A weak rule that was kept limits nothing. */
  private static Optional<Set<String>> limit(RuleMark rule) {
    return RuleBook.of(rule.rule()).isWeak() && rule.outcome() == Outcome.APPLIED
        ? Optional.empty()
        : Optional.of(rule.at().due());
  }

  private static String common(List<Set<String>> limits) {
    return new TreeSet<>(limits.get(0))
        .stream()
            .filter(g -> limits.stream().allMatch(l -> l.contains(g)))
            .collect(Collectors.joining(","));
  }

  /** Whether another grapheme could stand here for all that the rules say. */
  boolean isOpenTo(String written) {
    return !due.equals(written)
        && (openTo.equals(ANY) || Arrays.asList(openTo.split(",")).contains(written));
  }
}
