package dettato.rule;

import dettato.word.Word;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/**
 * How often a rule holds in a list of words.
 *
 * @param due words that obey on the side where the special spelling is due, commonest first
 * @param notDue words that obey on the other side, commonest first
 * @param exceptions words that break the rule, or are on their side of it by heart alone and so
 *     among the others too, commonest first
 * @param conditions the same by condition, in the order of the rule
 */
public record RuleFigures(
    String rule,
    List<String> due,
    List<String> notDue,
    List<String> exceptions,
    List<ConditionFigures> conditions) {
  public RuleFigures {
    due = List.copyOf(due);
    notDue = List.copyOf(notDue);
    exceptions = List.copyOf(exceptions);
    conditions = List.copyOf(conditions);
  }

  /** Counts a rule over words, which are taken in the order given. */
  public static RuleFigures of(SpellingRule rule, Collection<Word> words) {
    List<String> due = new ArrayList<>();
    List<String> notDue = new ArrayList<>();
    List<String> exceptions = new ArrayList<>();
    for (Word word : words) {
      List<Opportunity> places = rule.places(word);
      boolean broken =
          KnownExceptions.has(rule, word)
              || places.stream().anyMatch(p -> !RuleBook.obeys(word, p));
      if (broken || places.stream().anyMatch(rule::isByHeart)) {
        exceptions.add(word.spelling());
      }
      if (broken) {
        continue;
      }
      if (places.stream().allMatch(p -> p.side() == Side.BY_HEART)) {
        continue;
      }
      if (places.stream().anyMatch(p -> p.side().isSpecial())) {
        due.add(word.spelling());
      } else if (!places.isEmpty()) {
        notDue.add(word.spelling());
      }
    }
    return new RuleFigures(rule.id(), due, notDue, exceptions, ConditionFigures.of(rule, words));
  }

  /** Words that obey, and not by heart. */
  public int holds() {
    Set<String> against = Set.copyOf(exceptions);
    return (int)
        Stream.concat(due.stream(), notDue.stream()).filter(w -> !against.contains(w)).count();
  }

  /** Words where the rule decides at all. */
  public int total() {
    return holds() + exceptions.size();
  }
}
