package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Condition.notDue;
import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import dettato.word.Join;
import java.util.Optional;
import java.util.regex.Pattern;

/** A silent e before an ending: baking against hopeful. */
final class DropE extends RuleAtUnit {
  private static final Pattern SILENT_E = Pattern.compile(".*[^aeiou]e|.*(are|ore|ire|ure|ere)");

  private static final Pattern SOFT_BEFORE = Pattern.compile("able|ably|ous|ously");

  private static final Condition VOWEL_ENDING =
      due(
          "drop-e/vowel-ending",
          "the ending starts with a vowel or y, so the silent e goes",
          "The ending starts with a vowel: take the e off first.",
          right("baking"),
          under("smiling", "smileing"));
  private static final Condition PLAIN_ENDING =
      notDue(
          "drop-e/plain-ending",
          "the ending starts with a consonant, so the e stays",
          "The ending starts with a consonant: keep the e.",
          right("hopeful"),
          over("careless", "carless"));
  private static final Condition SOFT =
      notDue(
          "drop-e/soft",
          "the e keeps c or g soft before a or o, so it stays",
          "The e keeps c or g soft: keep it before a and o.",
          right("noticeable"),
          over("noticeable", "noticable"));
  private static final Condition S =
      notDue(
          "drop-e/s",
          "only s is added, so the e stays",
          "Only s is added: keep the e.",
          right("bakes"),
          over("cakes", "caks"));

  private static final Condition VOWEL_E =
      notDue(
          "drop-e/vowel-e",
          "the e is part of the vowel, so it stays",
          "The e is sounded: keep both letters.",
          right("seeing"),
          over("seeing", "seing"));

  DropE() {
    super(
        new About(
            "drop-e",
            "e dropped or kept before an ending",
            "A silent final e goes before an ending that starts with a vowel or y; before any other ending it stays.",
            "Does the ending start with a vowel? Take the e off first. If not, keep it.",
            "The vowel of the ending does the work that the e did.",
            "no e",
            "e"),
        VOWEL_ENDING,
        PLAIN_ENDING,
        SOFT,
        S,
        VOWEL_E);
  }

  @Override
  Optional<Opportunity> at(Place place) {
    Optional<Join> join = place.word().join();
    if (join.isEmpty()) {
      return soft(place);
    }
    if (place.inEnding()) {
      return Optional.empty();
    }
    String base = join.get().base();
    if (join.get().change() == Join.Change.E_DROPPED) {
      return place.endsBase()
          ? Optional.of(
              VOWEL_ENDING
                  .at(
                      place,
                      place.grapheme(),
                      base + " loses its e before -" + join.get().ending() + ", so no e is due")
                  .leftOutBy(place.grapheme() + "e"))
          : Optional.empty();
    }
    if (place.endsBase() && place.spelled("ee") && join.get().vowelEnding()) {
      return Optional.of(
          VOWEL_E
              .at(place, "ee", "the e of " + base + " is part of its vowel, so ee is due")
              .tooMuch("e"));
    }
    if (sharesLastE(place, join.get())) {
      return Optional.of(
          S.at(place, place.grapheme(), base + " keeps its e before -s, so it is due")
              .tooMuch("s"));
    }
    return ownsLastE(place, base) ? kept(place, base, join.get().ending()) : Optional.empty();
  }

  /** The es of place|s, which is heard as a beat: the e is the base's own. */
  private static boolean sharesLastE(Place place, Join join) {
    return join.ending().equals("s")
        && join.base().endsWith("e")
        && place.endsWord()
        && place.spelled("es");
  }

  /** noticeable, courageous: told by its letters, since the base may be no word of ours. */
  private static Optional<Opportunity> soft(Place place) {
    String letters = place.grapheme();
    int end = place.word().cut().start(place.index()) + letters.length();
    boolean softens = letters.equals("ce") || letters.endsWith("ge");
    if (!softens || !SOFT_BEFORE.matcher(place.word().letters().substring(end)).matches()) {
      return Optional.empty();
    }
    return Optional.of(
        SOFT.at(
                place,
                letters,
                "the e keeps " + letters.charAt(letters.length() - 2) + " soft, so it is due")
            .tooMuch(letters.substring(0, letters.length() - 1)));
  }

  private static boolean ownsLastE(Place place, String base) {
    boolean silent = SILENT_E.matcher(base).matches();
    return silent
        && place.word().letters().startsWith(base)
        && place.word().cut().unitAt(base.length() - 1) == place.index()
        && place.grapheme().endsWith("e")
        && place.grapheme().length() > 1;
  }

  private static Optional<Opportunity> kept(Place place, String base, String ending) {
    boolean vowel = "aeiouy".indexOf(ending.charAt(0)) >= 0;
    if (vowel) {
      return soft(place);
    }
    Condition condition = ending.equals("s") ? S : PLAIN_ENDING;
    String without = place.grapheme().replaceAll("_?e$", "");
    return Optional.of(
        condition
            .at(place, place.grapheme(), base + " keeps its e before -" + ending + ", so it is due")
            .tooMuch(without));
  }
}
