package dettato.rule;

import dettato.word.Word;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * How often the words of one condition do as it says.
 *
 * @param words those that do, and not by heart, commonest first
 * @param exceptions those that do not, or are on their side by heart alone, commonest first
 */
public record ConditionFigures(Condition condition, List<String> words, List<String> exceptions) {
  public ConditionFigures {
    words = List.copyOf(words);
    exceptions = List.copyOf(exceptions);
  }

  /** Counts the conditions of a rule over words, which are taken in the order given. */
  static List<ConditionFigures> of(SpellingRule rule, Collection<Word> words) {
    Map<Condition, List<String>> holding = new HashMap<>();
    Map<Condition, List<String>> against = new HashMap<>();
    for (Word word : words) {
      standings(rule, word)
          .forEach(
              (condition, holds) ->
                  (holds ? holding : against)
                      .computeIfAbsent(condition, c -> new ArrayList<>())
                      .add(word.spelling()));
    }
    return rule.conditions().stream()
        .map(
            c ->
                new ConditionFigures(
                    c, holding.getOrDefault(c, List.of()), against.getOrDefault(c, List.of())))
        .toList();
  }

  /** The conditions a word tests, and whether all its places do as each says. */
  private static Map<Condition, Boolean> standings(SpellingRule rule, Word word) {
    Map<Condition, Boolean> holds = new HashMap<>();
    for (Opportunity place : rule.places(word)) {
      boolean here = RuleBook.obeys(word, place) && !rule.isByHeart(place);
      holds.merge(place.condition(), here, Boolean::logicalAnd);
    }
    rule.conditions().stream()
        .filter(c -> KnownExceptions.has(c, word))
        .forEach(c -> holds.put(c, false));
    return holds;
  }

  /** Words that test the condition. */
  public int total() {
    return words.size() + exceptions.size();
  }
}
