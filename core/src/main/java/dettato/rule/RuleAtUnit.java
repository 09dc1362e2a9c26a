package dettato.rule;

import dettato.word.Word;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** A rule that looks at one unit at a time. */
abstract class RuleAtUnit implements SpellingRule {
  /** The opportunity at this unit, empty when the rule has nothing to say there. */
  abstract Optional<Opportunity> at(Place place);

  @Override
  public final List<Opportunity> places(Word word) {
    return IntStream.range(0, word.cut().size())
        .mapToObj(i -> at(new Place(word, i)))
        .flatMap(Optional::stream)
        .toList();
  }
}
