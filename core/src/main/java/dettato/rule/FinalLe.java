package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Condition.notDue;
import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;

/** /əl/ at the end: candle after tall letters, camel after small ones; pedal must be known. */
final class FinalLe extends RuleAtUnit {
  private static final String SMALL = "mnrsvw";

  private static final Condition AFTER_STEM =
      due(
          "final-le/after-stem",
          "a letter with a stick or a tail stands before /əl/, so le is due",
          "A letter with a stick or a tail just before: try le.",
          right("candle"),
          under("puddle", "puddel"));
  private static final Condition AFTER_SMALL =
      notDue(
          "final-le/after-small",
          "m, n, r, s, v or w stands before /əl/, so le is not due",
          "After m, n, r, s, v or w: not le.",
          right("camel"),
          over("camel", "camle"));
  private static final Condition BY_HEART =
      notDue(
          "final-le/by-heart",
          "this word is known to have no le",
          "Some words must be learnt.",
          right("pedal"),
          over("pencil", "pencle"));

  FinalLe() {
    super(
        new About(
            "final-le",
            "le at the end",
            "/əl/ at the end is often le after a letter with a stick or a tail, and el or al after m, n, r, s, v, w. It holds for little more than half of such words: pedal, pencil, label and many others must be known.",
            "Hear ul at the end? Try le after a letter with a stick or a tail.",
            "le keeps the consonant before it together with its beat: can-dle.",
            "le",
            "el al il"),
        AFTER_STEM,
        AFTER_SMALL,
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
    if (place.sound().equals("commA+l") && place.spelled("le")) {
      String before = place.before().map(u -> u.grapheme().text()).orElse("");
      return Optional.of(
          AFTER_STEM
              .at(
                  place,
                  "le",
                  "the letter before /əl/ at the end is " + last(before) + ", so le is due")
              .plainly("el"));
    }
    boolean weak = place.unit().isHardlyHeard() && place.beatsUpTo() > 1 && place.precedes("l");
    if (!weak || place.inAnyEnding() || !new Place(place.word(), place.index() + 1).endsPart()) {
      return Optional.empty();
    }
    String letters = place.before().map(u -> u.grapheme().text()).orElse(" ");
    char last = last(letters);
    boolean small = SMALL.indexOf(last) >= 0;
    String why =
        small
            ? "the letter before /əl/ is %s, so %sl is due, not le"
                .formatted(last, place.grapheme())
            : "%s is known to have %sl, so le is not due"
                .formatted(place.word().spelling(), place.grapheme());
    return Optional.of(
        (small ? AFTER_SMALL : BY_HEART).at(place, place.grapheme(), why).tooMuch("le"));
  }

  private static char last(String letters) {
    return letters.isEmpty() ? ' ' : letters.charAt(letters.length() - 1);
  }
}
