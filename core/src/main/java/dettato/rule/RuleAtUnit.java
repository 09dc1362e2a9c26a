package dettato.rule;

import dettato.word.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** A rule that looks at one unit at a time. */
abstract class RuleAtUnit implements SpellingRule {
  private final About about;
  private final List<Example> examples;

  RuleAtUnit(About about, Example... examples) {
    this.about = about;
    this.examples = List.of(examples);
  }

  /** The opportunity at this unit, empty when the rule has nothing to say there. */
  abstract Optional<Opportunity> at(Place place);

  @Override
  public final About about() {
    return about;
  }

  @Override
  public final List<Example> examples() {
    return examples;
  }

  @Override
  public final List<Opportunity> places(Word word) {
    List<Opportunity> places = new ArrayList<>(2);
    for (int i = 0; i < word.cut().size(); i++) {
      at(new Place(word, i)).ifPresent(places::add);
    }
    return places;
  }

  final Optional<Opportunity> due(Place place, Set<String> due, String plain, String why) {
    return Optional.of(Opportunity.due(id(), place.index(), due, plain, why));
  }

  final Optional<Opportunity> notDue(Place place, Set<String> due, Set<String> over, String why) {
    return Optional.of(Opportunity.notDue(id(), place.index(), due, over, why));
  }
}
