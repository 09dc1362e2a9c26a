package dettato.rule;

import dettato.word.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A rule that looks at one unit at a time. */
abstract class RuleAtUnit implements SpellingRule {
  private final About about;
  private final List<Condition> conditions;

  RuleAtUnit(About about, Condition... conditions) {
    this.about = about;
    this.conditions = List.of(conditions);
  }

  /** The opportunity at this unit, empty when the rule has nothing to say there. */
  abstract Optional<Opportunity> at(Place place);

  @Override
  public final About about() {
    return about;
  }

  @Override
  public final List<Condition> conditions() {
    return conditions;
  }

  /** An s changes nothing before it, where no ending is asked about: killers goes by killer. */
  @Override
  public final List<Opportunity> places(Word word) {
    List<Opportunity> places = new ArrayList<>(2);
    Optional<Word> base = RuleBook.joins(id()) ? Optional.empty() : word.withoutS();
    base.ifPresent(b -> places.addAll(places(b)));
    for (int i = base.map(b -> b.cut().size()).orElse(0); i < word.cut().size(); i++) {
      at(new Place(word, i)).ifPresent(places::add);
    }
    word.inner().forEach(join -> atInnerJoin(word.builtWith(join), places));
    return places;
  }

  /** Where the base itself is built of parts, rules of joins look there too (care|less|ly). */
  private void atInnerJoin(Word built, List<Opportunity> places) {
    if (!RuleBook.joins(id())) {
      return;
    }
    int end = built.endingUnit() - 1;
    boolean open = end >= 0 && places.stream().noneMatch(o -> o.unit() == end);
    if (open) {
      at(new Place(built, end)).ifPresent(places::add);
    }
  }

  /** The rule's own condition with this name, the id's second part. */
  final Condition condition(String name) {
    return conditions.stream()
        .filter(c -> c.id().equals(id() + "/" + name))
        .findFirst()
        .orElseThrow();
  }
}
