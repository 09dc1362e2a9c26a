package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.List;
import java.util.Optional;
import java.util.Set;

/** /k/ before another letter: kettle against cabin and crab. */
final class COrK extends RuleAtUnit {
  @Override
  public String id() {
    return "c-or-k";
  }

  @Override
  public String name() {
    return "c or k at the start and inside";
  }

  @Override
  public String says() {
    return "/k/ is k before e, i, y; c before any other letter.";
  }

  @Override
  public String saysToChild() {
    return "Is e, i or y next? Write k. If not, write c.";
  }

  @Override
  public String reason() {
    return "c before e, i or y would say /s/.";
  }

  @Override
  public List<String> contrast() {
    return List.of("k", "c");
  }

  @Override
  Optional<Opportunity> at(Place place) {
    boolean inside = !place.endsWordOrBase() && !place.inEnding();
    boolean plain = Set.of("c", "k", "ch").contains(place.grapheme());
    if (!place.sound().equals("k") || !inside || !plain || beforeLe(place)) {
      return Optional.empty();
    }
    char next = place.nextLetter();
    return Optional.of(
        "eiy".indexOf(next) >= 0
            ? Opportunity.due(
                id(), place.index(), Set.of("k"), "the next letter is " + next + ": k is due")
            : Opportunity.notDue(
                id(),
                place.index(),
                Set.of("c"),
                Set.of("k"),
                "the next letter is " + next + ": c is due"));
  }

  /** ankle and uncle: before -le the word must be known. */
  private static boolean beforeLe(Place place) {
    return place.after().filter(u -> u.grapheme().text().equals("le")).isPresent();
  }

  @Override
  public List<Example> examples() {
    return List.of(
        right("kettle"), right("cabin"), right("crab"), under("kit", "cit"), over("cup", "kup"));
  }
}
