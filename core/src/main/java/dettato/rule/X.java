package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Condition.notDue;
import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.Optional;
import java.util.Set;

/** /ks/ in one stem is x: fox against socks. */
final class X extends RuleAtUnit {
  private static final Condition DUE =
      due(
          "x/due",
          "/ks/ stands in one stem, so x is due",
          "Is there no ending s? Write x.",
          right("fox"),
          under("fox", "focks"));
  private static final Condition PLURAL =
      notDue(
          "x/plural",
          "the s is an ending, so the stem keeps its letters: no x is due",
          "Take the s off. Is a word left? Keep it and add s.",
          right("socks"),
          over("socks", "sox"));

  X() {
    super(
        new About(
            "x",
            "x",
            "/ks/ in one stem is x; where s is an ending, the stem keeps its k, ck or ke: socks, looks, cakes.",
            "Take the s off. Is a word left (sock, look)? Keep it and add s. If not, write x.",
            "The stem keeps its spelling, so that the eye knows it.",
            "x",
            "cks ks"),
        DUE,
        PLURAL);
  }

  @Override
  Optional<Opportunity> at(Place place) {
    if (place.sound().equals("k+s")) {
      return Optional.of(DUE.at(place, "x", DUE.says()).plainly("ks"));
    }
    boolean ending = place.join(Set.of("s")).isPresent() && place.endsBase();
    return place.sound().equals("k") && ending
        ? Optional.of(
            PLURAL
                .at(
                    place,
                    place.grapheme(),
                    "the s is an ending, so %s keeps its %s: that is due, not x"
                        .formatted(place.word().join().orElseThrow().base(), place.grapheme()))
                .tooMuch("x"))
        : Optional.empty();
  }
}
