package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Condition.notDue;
import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import dettato.word.Join;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** /f l s z/ at the end of a one-beat word: cliff against leaf and wolf. */
final class FinalDouble extends RuleAtUnit {
  private static final Condition SHORT =
      due(
          "final-double/short",
          "one short vowel letter stands right before /f l s z/ at the end of a one-beat word, so it is doubled",
          "One vowel letter, then f, l, s or z at the end: double it.",
          right("cliff"),
          right("shell"),
          under("cliff", "clif"));
  private static final Condition ALL =
      due(
          "final-double/all",
          "the word ends in all or oll, so ll is due",
          "Hear all at the end? Write two l.",
          right("ball"),
          under("fall", "fal"));
  private static final Condition CONSONANT =
      notDue(
          "final-double/consonant",
          "a consonant stands before the last one, so nothing is doubled",
          "There is another consonant just before: one is enough.",
          right("wolf"),
          over("shelf", "shelff"));
  private static final Condition TEAM =
      notDue(
          "final-double/team",
          "two letters spell the vowel, so nothing is doubled",
          "Two letters make the vowel: one is enough.",
          right("leaf"),
          over("beef", "beeff"));
  private static final Condition SPLIT =
      notDue(
          "final-double/split",
          "the silent e makes the vowel long, so nothing is doubled",
          "The vowel says its name: one is enough.",
          right("smile"),
          over("hole", "holle"));
  private static final Condition LONGER =
      notDue(
          "final-double/longer",
          "the word has more than one beat, so mostly nothing is doubled",
          "More than one beat? One is mostly enough.",
          right("until"),
          over("until", "untill"));

  FinalDouble() {
    super(
        new About(
            "final-double",
            "ff ll ss zz at the end",
            "/f l s z/ at the end of a one-beat word right after one short vowel letter is ff, ll, ss, zz.",
            "One beat, one vowel letter, then f, l, s or z at the end? Double it.",
            "A doubled letter shows that the vowel before it is short.",
            "ff ll ss zz",
            "f l s z"),
        SHORT,
        ALL,
        CONSONANT,
        TEAM,
        SPLIT,
        LONGER);
  }

  private static final Map<String, Set<String>> PLAIN =
      Map.of(
          "f",
          Set.of("f"),
          "l",
          Set.of("l"),
          "s",
          Set.of("s", "se", "ce"),
          "z",
          Set.of("z", "se", "ze"));

  @Override
  Optional<Opportunity> at(Place place) {
    Set<String> plain = PLAIN.get(place.sound());
    if (plain == null
        || !place.endsPart()
        || place.inEnding()
        || isShared(place)
        || isOfLe(place)) {
      return Optional.empty();
    }
    Before before = Before.of(place);
    if (place.beatsUpTo() != 1) {
      return before == Before.SHORT && place.endsWord() ? longer(place) : Optional.empty();
    }
    if (before == Before.SHORT || before != Before.SPLIT && isAllOrRoll(place)) {
      return Optional.of(doubled(place, before));
    }
    return switch (before) {
      case CONSONANT -> single(CONSONANT, place, before, plain);
      case SPLIT -> single(SPLIT, place, before, plain);
      default -> single(TEAM, place, before, plain);
    };
  }

  /** The ll of real|ly: one letter is the base's, the other the ending's. */
  private static boolean isShared(Place place) {
    return place.endsBase()
        && place.word().join().filter(j -> j.ending().equals("ly")).isPresent()
        && place.spelled("ll");
  }

  /** The l of chuckl|ing and simp|ly is what is left of an le. */
  private static boolean isOfLe(Place place) {
    return place.spelled("l")
        && place.word().join().filter(j -> j.base().endsWith("le")).isPresent();
  }

  private static Opportunity doubled(Place place, Before before) {
    String twice = twice(place);
    String why =
        before == Before.SHORT
            ? before.says(place) + " at the end of " + part(place)
            : "the word ends in " + place.before().orElseThrow().grapheme() + "ll";
    return (before == Before.SHORT ? SHORT : ALL)
        .at(place, twice, why + ", so " + twice + " is due")
        .plainly(place.sound());
  }

  /** What ends there: the word, its base, or a part of it. */
  private static String part(Place place) {
    return place.word().cut().beats() == 1
        ? "a one-beat word"
        : place.word().join().map(Join::base).orElse("a one-beat part");
  }

  private static Optional<Opportunity> single(
      Condition condition, Place place, Before before, Set<String> plain) {
    if (!place.grapheme().startsWith(place.sound())) {
      return Optional.empty();
    }
    String twice = twice(place);
    Set<String> due = place.grapheme().equals(twice) ? plain : Set.of(place.grapheme());
    String why = before.says(place) + ", so one " + place.sound() + " is due";
    return Optional.of(condition.at(place, due, why).tooMuch(twice));
  }

  /** Longer words have mostly one; address, across and princess are its exceptions. */
  private static Optional<Opportunity> longer(Place place) {
    String one = place.sound();
    String twice = twice(place);
    String why = "the word has more than one beat, so one %s is likely due".formatted(one);
    return place.spelled(Set.of(one, twice))
        ? Optional.of(LONGER.at(place, one, why).tooMuch(twice))
        : Optional.empty();
  }

  private static String twice(Place place) {
    return place.sound() + place.sound();
  }

  /** all and roll double their l as words with a short vowel do. */
  private static boolean isAllOrRoll(Place place) {
    return place.sound().equals("l")
        && place.before().filter(u -> u.grapheme().text().matches("[aou]")).isPresent();
  }
}
