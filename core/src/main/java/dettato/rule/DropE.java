package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import dettato.word.Join;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** A silent e before an ending: baking against hopeful. */
final class DropE extends RuleAtUnit {
  private static final Pattern SILENT_E = Pattern.compile(".*[^aeiou]e|.*(are|ore|ire|ure|ere)");

  DropE() {
    super(
        new About(
            "drop-e",
            "e dropped or kept before an ending",
            "A silent final e goes before an ending that starts with a vowel or y; before any other ending it stays.",
            "Does the ending start with a vowel? Take the e off first.",
            "The vowel of the ending does the work that the e did.",
            "no e",
            "e"),
        right("baking"),
        right("hopeful"),
        right("bakes"),
        under("smiling", "smileing"),
        over("hopeful", "hopful"));
  }

  @Override
  Optional<Opportunity> at(Place place) {
    Optional<Join> join = place.word().join();
    if (join.isEmpty() || place.inEnding()) {
      return Optional.empty();
    }
    String base = join.get().base();
    if (join.get().change() == Join.Change.E_DROPPED) {
      return place.endsBase()
          ? Optional.of(
              Opportunity.due(
                      id(),
                      place.index(),
                      Set.of(place.grapheme()),
                      base + " loses its e before -" + join.get().ending() + ", so no e is due")
                  .leftOutBy(place.grapheme() + "e"))
          : Optional.empty();
    }
    return ownsLastE(place, base) ? kept(place, base, join.get().ending()) : Optional.empty();
  }

  private static boolean ownsLastE(Place place, String base) {
    boolean silent = SILENT_E.matcher(base).matches();
    return silent
        && place.word().letters().startsWith(base)
        && place.word().cut().unitAt(base.length() - 1) == place.index()
        && place.grapheme().endsWith("e")
        && place.grapheme().length() > 1;
  }

  /** Before -s the split digraph itself tells: leaving its e out is a fact of that. */
  private Optional<Opportunity> kept(Place place, String base, String ending) {
    String without = place.grapheme().replaceAll("_?e$", "");
    boolean toldElsewhere = ending.equals("s");
    boolean vowel = "aeiouy".indexOf(ending.charAt(0)) >= 0;
    return vowel
        ? Optional.empty()
        : notDue(
            place,
            Set.of(place.grapheme()),
            toldElsewhere ? Set.of() : Set.of(without),
            base + " keeps its e before -" + ending + ", so it is due");
  }
}
