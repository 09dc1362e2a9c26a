package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import dettato.word.Unit;
import java.util.Optional;
import java.util.Set;

/** /əl/ at the end: candle, against camel and pedal, which must be known. */
final class FinalLe extends RuleAtUnit {
  FinalLe() {
    super(
        new About(
            "final-le",
            "le at the end",
            "/əl/ at the end is most often le. A weak rule: camel, pedal, pencil and others must be known.",
            "Do you hear ul at the end? Try le first.",
            "le keeps the consonant before it together with its beat: can-dle.",
            "le",
            "el al il"),
        right("candle"),
        right("camel"),
        under("puddle", "puddel"),
        over("camel", "camle"));
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
    if (place.sound().equals("commA+l") && place.spelled(Set.of("le"))) {
      return due(place, Set.of("le"), "el", "/əl/ ends the word or its base, so le is due");
    }
    boolean weak =
        Set.of("commA", "KIT").contains(place.sound())
            && place.unit().stress() == Unit.Stress.NONE
            && place.beatsUpTo() > 1
            && place.precedes("l");
    return weak && !place.inEnding() && new Place(place.word(), place.index() + 1).endsPart()
        ? notDue(
            place,
            Set.of(place.grapheme()),
            Set.of("le"),
            "this word is known to have " + place.grapheme() + "l, so le is not due")
        : Optional.empty();
  }
}
