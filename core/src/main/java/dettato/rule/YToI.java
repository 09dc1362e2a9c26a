package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Condition.notDue;
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
  private static final Condition CONSONANT_Y =
      due(
          "y-to-i/consonant-y",
          "a consonant stands before the y, so it turns to i",
          "A consonant before y: change y to i.",
          right("carried"),
          right("happiness"),
          under("carried", "carryed"),
          under("babies", "babys"));
  private static final Condition VOWEL_Y =
      notDue(
          "y-to-i/vowel-y",
          "a vowel letter stands before the y, so it stays",
          "A vowel before y: keep the y.",
          right("played"),
          over("monkeys", "monkies"));
  private static final Condition ING =
      notDue(
          "y-to-i/ing",
          "-ing follows, so the y stays",
          "Before ing: keep the y.",
          right("carrying"),
          over("carrying", "carriing"));

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
        CONSONANT_Y,
        VOWEL_Y,
        ING);
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
          CONSONANT_Y
              .at(
                  place,
                  place.grapheme(),
                  base + " has a consonant before its y" + before + ", so i is due")
              .leftOutBy("y", "ye", "ey"));
    }
    Set<String> tooMuch = tooMuch(place, join.get());
    boolean stays = join.get().change() == Join.Change.NONE && place.grapheme().endsWith("y");
    if (!stays || tooMuch.isEmpty()) {
      return Optional.empty();
    }
    boolean afterVowel = base.length() > 1 && "aeiou".indexOf(base.charAt(base.length() - 2)) >= 0;
    if (!afterVowel && !join.get().ending().equals("ing")) {
      return Optional.of(CONSONANT_Y.at(place, "i", CONSONANT_Y.says()).leftOutBy("y"));
    }
    return Optional.of(
        (afterVowel ? VOWEL_Y : ING)
            .at(place, place.grapheme(), base + " keeps its y" + before + ", so y is due")
            .tooMuch(tooMuch));
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
}
