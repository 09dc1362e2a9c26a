package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** Both parts keep all their letters: unnecessary, careless, teacup; -ful has one l. */
final class KeepStem extends RuleAtUnit {
  private static final Pattern TWICE = Pattern.compile("unn.+|dissat.+|dissim.+|missp.+|missh.+");

  private static final Set<String> ENDINGS = Set.of("ly", "ful", "less", "ness", "ment");

  KeepStem() {
    super(
        new About(
            "keep-stem",
            "both parts keep their letters",
            "Before -ly, -ful, -less, -ness, -ment, after un-, re-, dis-, mis-, and in compounds, both parts keep all their letters; -ful has one l.",
            "Write the first part whole, then the second part whole. ful has one l.",
            "The eye finds the parts, and so the meaning.",
            "both parts",
            "letters lost or added"),
        right("teacup"),
        right("unnecessary"),
        right("hopeful"),
        under("careless", "careles"),
        under("sandpit", "sanpit"),
        over("hopeful", "hopefull"));
  }

  @Override
  Optional<Opportunity> at(Place place) {
    if (place.word().seam() > 0) {
      return atSeam(place);
    }
    if (place.spelled(Set.of("n", "s")) && afterPrefix(place)) {
      return kept(
          place, "the part before and the part after both keep their letter, so it is due twice");
    }
    if (place.join(ENDINGS).isEmpty()) {
      return Optional.empty();
    }
    String ending = place.word().join().orElseThrow().ending();
    if (place.endsWord() && ending.equals("ful")) {
      return notDue(place, Set.of("l"), Set.of("ll"), "-ful has one l, so l is due");
    }
    if (place.endsWord() && place.spelled(Set.of("ss"))) {
      return Optional.of(
          Opportunity.due(
                  id(),
                  place.index(),
                  Set.of("ss"),
                  "-" + ending + " keeps its letters, so ss is due")
              .leftOutBy("s", ""));
    }
    return atJoin(place);
  }

  /** finally (the l of both parts in one unit) and meanness (one n for each part). */
  private Optional<Opportunity> atJoin(Place place) {
    String base = place.word().join().orElseThrow().base();
    char first = place.word().join().orElseThrow().ending().charAt(0);
    boolean meets = base.charAt(base.length() - 1) == first;
    boolean joined = place.grapheme().equals("" + first + first);
    boolean apart = place.after().filter(u -> u.grapheme().text().equals("" + first)).isPresent();
    return meets && place.endsBase() && (joined || apart)
        ? kept(place, base + " and the ending both keep their " + first + ", so it is due twice")
        : Optional.empty();
  }

  private Optional<Opportunity> atSeam(Place place) {
    boolean touches = place.index() + 1 == place.seamUnit() || place.index() == place.seamUnit();
    return touches && !place.unit().sound().isVowel()
        ? kept(
            place,
            "the word is made of two, and both keep their letters, so "
                + place.grapheme()
                + " is due")
        : Optional.empty();
  }

  private Optional<Opportunity> kept(Place place, String why) {
    return Optional.of(
        Opportunity.due(id(), place.index(), Set.of(place.grapheme()), why)
            .leftOutBy(less(place.grapheme())));
  }

  /** un + n, dis + s, mis + s: the first of the two letters. */
  private static boolean afterPrefix(Place place) {
    return place.index() > 0
        && place.index() < 3
        && TWICE.matcher(place.word().letters()).matches()
        && place.after().filter(u -> u.grapheme().text().equals(place.grapheme())).isPresent();
  }

  /** The grapheme with one letter less, and nothing at all. */
  private static String[] less(String grapheme) {
    Set<String> less = new LinkedHashSet<>();
    for (int i = 0; i < grapheme.length() && grapheme.length() > 1; i++) {
      less.add(grapheme.substring(0, i) + grapheme.substring(i + 1));
    }
    less.add("");
    return less.toArray(String[]::new);
  }
}
