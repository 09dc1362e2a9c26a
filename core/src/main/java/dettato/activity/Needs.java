package dettato.activity;

import dettato.focus.Focus;
import dettato.prompt.Prompt;
import dettato.rule.RuleBook;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What the papers of a class, or of some of its children, ask for.
 *
 * @param broken conditions that children break, those that most break first
 * @param written what children really wrote wrong
 * @param review words that were missed and are due again, the most pressing first
 * @param cards that are due, in the order in which they are dealt
 * @param sounds in IPA, those missed most lately first
 * @param secure irregular words that the class knows
 */
public record Needs(
    List<Broken> broken,
    Set<String> written,
    List<Due> review,
    List<Due> cards,
    List<String> sounds,
    Set<String> secure) {

  /** Nothing is known of the class. */
  public static final Needs NONE =
      new Needs(List.of(), Set.of(), List.of(), List.of(), List.of(), Set.of());

  /** So many children breaking a condition make it the class's. */
  public static final int MANY = 3;

  /** A condition and how many children break it. */
  public record Broken(String condition, int children) {}

  /** Something that is due, and why. */
  public record Due(Prompt prompt, String why) {}

  public Needs {
    broken = List.copyOf(broken);
    written = Set.copyOf(written);
    review = List.copyOf(review);
    cards = List.copyOf(cards);
    sounds = List.copyOf(sounds);
    secure = Set.copyOf(secure);
  }

  /** The conditions to test first: those that many children break; where there are none, any. */
  List<String> first() {
    List<Broken> many = broken.stream().filter(b -> b.children >= MANY).toList();
    return (many.isEmpty() ? broken : many).stream().map(Broken::condition).toList();
  }

  /**
   * What a session should be about: the rules whose conditions most children break.
   *
   * @param most how many rules
   * @return empty when the papers show no pattern
   */
  public List<Focus> focus(int most) {
    Map<String, Integer> rules = new LinkedHashMap<>();
    for (Broken one : broken) {
      if (first().contains(one.condition)) {
        rules.merge(RuleBook.condition(one.condition).rule(), one.children, Math::max);
      }
    }
    return rules.entrySet().stream()
        .sorted(Map.Entry.<String, Integer>comparingByValue().reversed())
        .limit(most)
        .map(e -> (Focus) new Focus.Rule(e.getKey()))
        .toList();
  }
}
