package dettato.rule;

import java.util.List;
import java.util.Set;

/**
 * The ground on which a rule's special spelling is due at a place, or is not: what exactly a child
 * sees or does not see. Every opportunity has one.
 *
 * @param id rule and condition, such as final-ch/consonant; stable, as records and exports name it
 * @param rule the id of its rule
 * @param side which side of the rule's contrast such places are on
 * @param says what holds there and what follows, for a teacher
 * @param forChild the same for a child
 * @param examples right and wrong spellings at such a place, run as tests
 */
public record Condition(
    String id, String rule, Side side, String says, String forChild, List<Example> examples) {

  public Condition {
    examples = List.copyOf(examples);
  }

  static Condition due(String id, String says, String forChild, Example... examples) {
    return new Condition(id, ruleOf(id), Side.DUE, says, forChild, List.of(examples));
  }

  static Condition notDue(String id, String says, String forChild, Example... examples) {
    return new Condition(id, ruleOf(id), Side.NOT_DUE, says, forChild, List.of(examples));
  }

  static Condition byHeart(String id, String says, String forChild, Example... examples) {
    return new Condition(id, ruleOf(id), Side.BY_HEART, says, forChild, List.of(examples));
  }

  /** By id, which is its own. */
  @Override
  public boolean equals(Object other) {
    return other instanceof Condition c && c.id.equals(id);
  }

  @Override
  public int hashCode() {
    return id.hashCode();
  }

  private static String ruleOf(String id) {
    int slash = id.indexOf('/');
    if (slash < 1) {
      throw new IllegalArgumentException("condition '" + id + "' is not rule/condition");
    }
    return id.substring(0, slash);
  }

  /**
   * An opportunity at a place where this holds. Nothing is too much there and nothing leaves the
   * rule out until {@link Opportunity#tooMuch}, {@link Opportunity#plainly} or {@link
   * Opportunity#leftOutBy} say so.
   *
   * @param due the grapheme that follows the rule
   * @param why this condition, with the very letters
   */
  Opportunity at(Place place, String due, String why) {
    return at(place, Set.of(due), why);
  }

  /** The same where several graphemes follow the rule. */
  Opportunity at(Place place, Set<String> due, String why) {
    return new Opportunity(this, place.index(), due, Set.of(), List.of(), "", why);
  }
}
