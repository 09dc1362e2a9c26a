package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import dettato.word.Join;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** y before an ending: carried against played and carrying. */
final class YToI extends RuleAtUnit {
  YToI() {
    super(
        new About(
            "y-to-i",
            "y to i before an ending",
            "After a consonant, y turns to i before any ending but -ing; after a vowel letter it stays.",
            "Consonant before y? Change y to i, but keep it before ing.",
            "Inside a word i does the work that y does at the end; ii is avoided.",
            "i",
            "y"),
        right("carried"),
        right("happiness"),
        right("played"),
        right("carrying"),
        under("carried", "carryed"),
        under("babies", "babys"),
        over("monkeys", "monkies"));
  }

  @Override
  Optional<Opportunity> at(Place place) {
    Optional<Join> join = place.word().join();
    if (join.isEmpty() || !place.endsBase()) {
      return Optional.empty();
    }
    String base = join.get().base();
    String before = " before -" + join.get().ending();
    if (join.get().change() == Join.Change.Y_TO_I) {
      return Optional.of(
          Opportunity.due(
                  id(),
                  place.index(),
                  Set.of(place.grapheme()),
                  base + " has a consonant before its y" + before + ", so i is due")
              .leftOutBy("y", "ye", "ey"));
    }
    boolean stays = join.get().change() == Join.Change.NONE && place.grapheme().endsWith("y");
    return stays && !tooMuch(place, join.get()).isEmpty()
        ? notDue(place, Set.of(place.grapheme()), tooMuch(place, join.get()), why(base, before))
        : Optional.empty();
  }

  /**
   * Before -s a child writes ies, before -ed ied; before other endings i alone is end-ai's or
   * end-oi's.
   */
  private static Set<String> tooMuch(Place place, Join join) {
    String stem = place.grapheme().substring(0, place.grapheme().length() - 1);
    boolean team = place.grapheme().length() > 1;
    return switch (join.ending()) {
      case "s", "es" -> new HashSet<>(List.of(stem + "ie", "ie"));
      case "ing" -> team ? Set.of() : Set.of("i");
      case "ed" -> Set.of(stem + "i", stem + "ie");
      default -> team ? Set.of() : Set.of("i", "ie");
    };
  }

  private static String why(String base, String before) {
    return base + " keeps its y" + before + ", so y is due";
  }
}
