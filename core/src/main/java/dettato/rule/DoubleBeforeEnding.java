package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import dettato.sound.Sound;
import dettato.word.Join;
import dettato.word.Unit;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** A consonant doubled before an ending: shopping against jumping and raining. */
final class DoubleBeforeEnding extends RuleAtUnit {
  private static final Pattern ONE_AND_ONE =
      Pattern.compile("(.*([^aeiou]|qu))?[aeiou][^aeiouwxy]");

  DoubleBeforeEnding() {
    super(
        new About(
            "double-before-ending",
            "doubling before an ending",
            "A short vowel letter + one consonant letter at the end of a one-beat base (or a stressed last beat): double it before an ending that starts with a vowel or y.",
            "One short vowel, one consonant, then an ending with a vowel? Double the consonant.",
            "Without the second consonant letter the vowel would be read long: hoping, hopping.",
            "pp",
            "p"),
        right("shopping"),
        right("muddy"),
        right("jumping"),
        right("raining"),
        right("fixing"),
        under("clapping", "claping"),
        over("floating", "floatting"),
        over("melted", "meltted"));
  }

  @Override
  Optional<Opportunity> at(Place place) {
    Optional<Join> join = place.word().join().filter(Join::vowelEnding);
    if (join.isEmpty()
        || !place.endsBase()
        || place.unit().sound().last().isVowel() && !rhotic(place)) {
      return Optional.empty();
    }
    String base = join.get().base();
    char last = base.charAt(base.length() - 1);
    if (last == 'y' || join.get().ending().equals("es")) {
      return Optional.empty();
    }
    if (isDue(place, base)) {
      return Optional.of(
          Opportunity.due(
              id(),
              place.index(),
              doubledForms(place, last),
              place.grapheme().substring(0, place.grapheme().length() - 1),
              "the base "
                  + base
                  + " ends in one stressed short vowel letter and one consonant letter, so it is doubled before -"
                  + join.get().ending()));
    }
    return rhotic(place)
        ? Optional.empty()
        : Optional.of(
            Opportunity.notDue(
                id(),
                place.index(),
                Set.of(place.grapheme()),
                Set.of(twice(place)),
                "the base "
                    + base
                    + " does not end in one stressed short vowel letter and one consonant letter, so nothing is doubled before -"
                    + join.get().ending()));
  }

  private static boolean isDue(Place place, String base) {
    boolean letters = ONE_AND_ONE.matcher(base).matches();
    boolean stressed =
        place.beatsUpTo() == 1
            || (rhotic(place)
                ? place.unit().stress() != Unit.Stress.NONE
                : place.afterStressedVowel());
    return letters && stressed;
  }

  /** stir + ing: the vowel and the doubled r are one unit. */
  private static boolean rhotic(Place place) {
    return place.unit().sound().kind() == Sound.Kind.RHOTIC;
  }

  private static Set<String> doubledForms(Place place, char last) {
    String grapheme = place.grapheme();
    boolean already = grapheme.endsWith("" + last + last);
    return Set.of(already ? grapheme : grapheme + last);
  }

  private static String twice(Place place) {
    String grapheme = place.grapheme();
    return grapheme + grapheme.charAt(grapheme.length() - 1);
  }
}
