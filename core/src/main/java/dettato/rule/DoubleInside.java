package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Condition.notDue;
import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import dettato.sound.Sound;
import dettato.word.Unit;
import java.util.Optional;

/** A consonant doubled inside a base: rabbit, against tiger, winter and cabin. */
final class DoubleInside extends RuleAtUnit {
  /** What English doubles inside; ch, sh, th, ng, v, w, x, y, j and k (ck) it never does. */
  private static final String DOUBLING = "bdfɡlmnprstz";

  private static final Condition SHORT =
      due(
          "double-inside/short",
          "a stressed short vowel letter stands before one consonant sound and another beat, so it is doubled",
          "Short loud vowel, one consonant, then another beat: try it double.",
          right("rabbit"),
          right("little"),
          under("happy", "hapy"));
  private static final Condition LONG =
      notDue(
          "double-inside/long",
          "the vowel before the consonant is long, or of two letters, so it is not doubled",
          "The vowel says its name, or has two letters: one is enough.",
          right("tiger"),
          over("paper", "papper"));
  private static final Condition CLUSTER =
      notDue(
          "double-inside/cluster",
          "another consonant follows, so it is not doubled",
          "Two different consonants follow: none is doubled.",
          right("winter"),
          over("basket", "bassket"));
  private static final Condition BY_HEART =
      notDue(
          "double-inside/by-heart",
          "this word is known to have one consonant letter here, so it is not doubled: one is due",
          "Some words must be learnt.",
          right("cabin"),
          over("lemon", "lemmon"));

  DoubleInside() {
    super(
        new About(
            "double-inside",
            "doubling inside a word",
            "Inside a base, one consonant sound after a stressed short vowel letter is written double in about half of the words: cabin, lemon, robin and many others must be known.",
            "Short loud vowel, one consonant, then another beat? Try it double.",
            "A doubled consonant letter shows that the vowel before it is short: dinner, diner.",
            "bb",
            "b"),
        SHORT,
        LONG,
        CLUSTER,
        BY_HEART);
  }

  @Override
  public boolean isWeak() {
    return true;
  }

  @Override
  public boolean isByHeart(Opportunity place) {
    return place.condition().equals(BY_HEART);
  }

  @Override
  Optional<Opportunity> at(Place place) {
    boolean can = DOUBLING.contains(place.sound()) && place.sound().length() == 1;
    boolean inside = place.index() > 0 && !place.endsPart() && !place.inEnding();
    if (!can || !inside || place.index() == place.seamUnit() || !stressedVowelBefore(place)) {
      return Optional.empty();
    }
    Unit next = place.after().orElseThrow();
    if (next.sound().isVowel() && !sharesEnding(place)) {
      return beforeVowel(place);
    }
    boolean cluster =
        Before.of(place) == Before.SHORT
            && place.grapheme().length() == 1
            && next.sound().kind() == Sound.Kind.CONSONANT
            && vowelFollows(place);
    return cluster
        ? Optional.of(
            CLUSTER
                .at(
                    place,
                    place.grapheme(),
                    "another consonant, %s, follows, so one %s is due"
                        .formatted(next.grapheme(), place.grapheme()))
                .tooMuch(twice(place)))
        : Optional.empty();
  }

  private static Optional<Opportunity> beforeVowel(Place place) {
    Before before = Before.of(place);
    String single = place.grapheme();
    String why = before.says(place);
    if (before == Before.SHORT) {
      if (isDouble(single)) {
        return Optional.of(
            SHORT
                .at(place, single, why + " and another beat, so " + single + " is due")
                .leftOutBy(single.substring(1)));
      }
      return single.length() == 1
          ? Optional.of(
              BY_HEART
                  .at(
                      place,
                      single,
                      place.word().spelling()
                          + " is known to have one "
                          + single
                          + ", so one is due")
                  .tooMuch(twice(place)))
          : Optional.empty();
    }
    boolean isLong = before == Before.LONG || before == Before.TEAM;
    return isLong && single.length() == 1
        ? Optional.of(
            LONG.at(place, single, why + ", so one " + single + " is due").tooMuch(twice(place)))
        : Optional.empty();
  }

  private static boolean isDouble(String letters) {
    return letters.length() == 2 && letters.charAt(0) == letters.charAt(1);
  }

  private static String twice(Place place) {
    return place.grapheme() + place.grapheme();
  }

  private static boolean stressedVowelBefore(Place place) {
    return place
        .before()
        .filter(u -> u.sound().isVowel() && u.stress() == Unit.Stress.MAIN)
        .isPresent();
  }

  /** Whether the beat that follows is the ending's: joins have a rule of their own. */
  private static boolean sharesEnding(Place place) {
    return new Place(place.word(), place.index() + 1).inEnding();
  }

  private static boolean vowelFollows(Place place) {
    Place next = new Place(place.word(), place.index() + 1);
    return !next.endsPart()
        && next.after().filter(u -> u.sound().isVowel()).isPresent()
        && !new Place(place.word(), place.index() + 2).inEnding();
  }
}
