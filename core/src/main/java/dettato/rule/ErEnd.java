package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Condition.notDue;
import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** er at the end: winter, against doctor, collar and panda, which must be known. */
final class ErEnd extends RuleAtUnit {
  private static final Set<String> OTHERS = Set.of("or", "ar", "our", "re", "ure", "ur", "ir");

  private static final Condition USUAL =
      due(
          "er-end/usual",
          "the weak last vowel is most often er, so er is due",
          "A weak er at the end? Try er first.",
          right("winter"),
          under("winter", "winta"));
  private static final Condition BY_HEART =
      notDue(
          "er-end/by-heart",
          "this word is known to have another ending, so er is not due",
          "Some words must be learnt.",
          right("doctor"),
          over("panda", "pander"));

  ErEnd() {
    super(
        new About(
            "er-end",
            "er at the end",
            "The weak last vowel of winter is most often er. A weak rule: doctor, collar, colour, panda and others must be known.",
            "A weak er at the end? Try er first.",
            "Words for people and tools that do something are made with -er.",
            "er",
            "or ar a"),
        USUAL,
        BY_HEART);
  }

  @Override
  public boolean isWeak() {
    return true;
  }

  @Override
  public boolean isByHeart(Opportunity place) {
    return place.side() == Side.NOT_DUE;
  }

  @Override
  Optional<Opportunity> at(Place place) {
    if (place.word().isOneBeat()) {
      return Optional.empty();
    }
    boolean er = place.sound().equals("lettER") && place.endsPart();
    boolean a = place.sound().equals("commA") && place.endsWord() && place.spelled("a");
    if (er && !place.spelled(OTHERS)) {
      return Optional.of(USUAL.at(place, "er", USUAL.says()).plainly("or"));
    }
    String why =
        place.word().spelling() + " is known to end in " + place.grapheme() + ", so er is not due";
    return er || a
        ? Optional.of(BY_HEART.at(place, place.grapheme(), why).tooMuch("er"))
        : Optional.empty();
  }
}
