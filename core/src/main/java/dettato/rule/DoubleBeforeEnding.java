package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Condition.notDue;
import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import dettato.sound.Sound;
import dettato.word.Join;
import dettato.word.Unit;
import java.util.Optional;
import java.util.regex.Pattern;

/** A consonant doubled before an ending: shopping against jumping and raining. */
final class DoubleBeforeEnding extends RuleAtUnit {
  private static final Pattern ONE_AND_ONE =
      Pattern.compile("(.*([^aeiou]|qu))?[aeiou][^aeiouwxy]");

  private static final Condition ONE_BEAT =
      due(
          "double-before-ending/one-beat",
          "the one-beat base ends in one vowel letter and one consonant letter, so it is doubled",
          "One beat, one vowel letter, one consonant, then an ending with a vowel: double.",
          right("shopping"),
          right("muddy"),
          under("clapping", "claping"));
  private static final Condition LAST_BEAT =
      due(
          "double-before-ending/last-beat",
          "the last beat of the base is the loud one and ends in one vowel letter and one consonant letter, so it is doubled",
          "The last beat is the loud one: double.",
          right("beginning"),
          under("beginner", "beginer"));
  private static final Condition CONSONANTS =
      notDue(
          "double-before-ending/consonants",
          "the base ends in two consonants, so nothing is doubled",
          "Two consonants already: no doubling.",
          right("jumping"),
          over("melted", "meltted"));
  private static final Condition TEAM =
      notDue(
          "double-before-ending/team",
          "two letters spell the vowel of the base, so nothing is doubled",
          "Two letters make the vowel: no doubling.",
          right("raining"),
          over("floating", "floatting"));
  private static final Condition R =
      notDue(
          "double-before-ending/r",
          "the vowel of the base is written with r, so nothing is doubled",
          "There is an r with the vowel: no doubling.",
          right("starting"),
          over("barking", "barkking"));
  private static final Condition E_DROPPED =
      notDue(
          "double-before-ending/e-dropped",
          "the base has lost its silent e, so nothing is doubled",
          "An e was dropped here: no doubling.",
          right("baking"),
          over("hoping", "hopping"));
  private static final Condition WXY =
      notDue(
          "double-before-ending/wxy",
          "the base ends in w, x or y, which are never doubled",
          "w, x and y are never doubled.",
          right("fixing"),
          over("boxing", "boxxing"));
  private static final Condition WEAK_BEAT =
      notDue(
          "double-before-ending/weak-beat",
          "the last beat of the base is weak, so nothing is doubled",
          "The last beat is a quiet one: no doubling.",
          right("opening"),
          over("listening", "listenning"));
  private static final Condition PLAIN_ENDING =
      notDue(
          "double-before-ending/plain-ending",
          "the ending starts with a consonant, so nothing is doubled",
          "The ending starts with a consonant: no doubling.",
          right("sadly"),
          over("badly", "baddly"));

  DoubleBeforeEnding() {
    super(
        new About(
            "double-before-ending",
            "doubling before an ending",
            "A short vowel letter + one consonant letter at the end of a one-beat base (or a stressed last beat): double it before an ending that starts with a vowel or y. In Britain a last l after one vowel letter doubles in a quiet beat too (travelling).",
            "One short vowel, one consonant, then an ending with a vowel? Double the consonant.",
            "Without the second consonant letter the vowel would be read long: hoping, hopping.",
            "pp",
            "p"),
        ONE_BEAT,
        LAST_BEAT,
        CONSONANTS,
        TEAM,
        R,
        E_DROPPED,
        WXY,
        WEAK_BEAT,
        PLAIN_ENDING);
  }

  @Override
  Optional<Opportunity> at(Place place) {
    Optional<Join> join = place.word().join();
    if (join.isEmpty() || !place.endsBase()) {
      return Optional.empty();
    }
    String base = join.get().base();
    String ending = join.get().ending();
    if (!join.get().vowelEnding()) {
      return ending.equals("s") || !isDue(place, base) || place.unit().sound().isVowel()
          ? Optional.empty()
          : Optional.of(notDoubled(PLAIN_ENDING, place, "-" + ending + " starts with a consonant"));
    }
    if (ending.equals("es") || base.endsWith("y")) {
      return Optional.empty();
    }
    if (isDue(place, base) && (rhotic(place) || !place.unit().sound().last().isVowel())) {
      return Optional.of(doubled(place, join.get()));
    }
    return rhotic(place) ? Optional.empty() : whyNot(place, base);
  }

  private static Opportunity doubled(Place place, Join join) {
    boolean oneBeat = place.beatsUpTo() == 1;
    String why =
        "the base %s ends in one stressed vowel letter and one consonant letter, so it is doubled before -%s"
            .formatted(join.base(), join.ending());
    String grapheme = place.grapheme();
    char last = join.base().charAt(join.base().length() - 1);
    String due = grapheme.endsWith("" + last + last) ? grapheme : grapheme + last;
    return (oneBeat ? ONE_BEAT : LAST_BEAT)
        .at(place, due, why)
        .plainly(grapheme.substring(0, grapheme.length() - 1));
  }

  private static Optional<Opportunity> whyNot(Place place, String base) {
    char last = base.charAt(base.length() - 1);
    String the = "the base " + base + " ";
    if (last == 'w' || last == 'x') {
      return Optional.of(notDoubled(WXY, place, last + " is never doubled"));
    }
    if (place.unit().sound().last().isVowel() || place.grapheme().length() > 1) {
      return Optional.empty();
    }
    Before before = Before.of(place);
    String letters = place.before().map(u -> u.grapheme().text()).orElse("");
    return switch (before) {
      case CONSONANT -> afterConsonant(place, the);
      case TEAM ->
          Optional.of(
              notDoubled(TEAM, place, the + "has a vowel of two letters, " + letters + ","));
      case R ->
          Optional.of(notDoubled(R, place, the + "has a vowel written with r, " + letters + ","));
      case SPLIT -> Optional.of(notDoubled(E_DROPPED, place, the + "has lost its silent e"));
      case SHORT, WEAK, LONG ->
          base.endsWith("e")
              ? Optional.of(notDoubled(E_DROPPED, place, the + "has lost its e"))
              : Optional.of(notDoubled(WEAK_BEAT, place, the + "has a weak last beat"));
      case NOTHING -> Optional.empty();
    };
  }

  /** A consonant after one with a vowel written with r before it (bark) is told as that. */
  private static Optional<Opportunity> afterConsonant(Place place, String the) {
    Before earlier = Before.of(new Place(place.word(), place.index() - 1));
    String both = place.before().orElseThrow().grapheme().text() + place.grapheme();
    boolean dropped = place.word().join().orElseThrow().change() == Join.Change.E_DROPPED;
    Condition condition = dropped ? E_DROPPED : earlier == Before.R ? R : CONSONANTS;
    String why = dropped ? "has lost its e" : "ends in two consonants, " + both + ",";
    return Optional.of(notDoubled(condition, place, the + why));
  }

  private static Opportunity notDoubled(Condition condition, Place place, String why) {
    String written = place.grapheme();
    boolean doubled = place.word().join().orElseThrow().change() == Join.Change.DOUBLED;
    String grapheme = doubled ? written.substring(0, written.length() - 1) : written;
    return condition
        .at(place, grapheme, why + " so nothing is doubled before the ending")
        .tooMuch(grapheme + grapheme.charAt(grapheme.length() - 1));
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
}
