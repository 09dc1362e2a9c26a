package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Condition.notDue;
import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import dettato.word.Unit;
import java.util.Map;
import java.util.Optional;

/** A long vowel before one last consonant: hope against hop, lamp and rain. */
final class SplitVowel extends RuleAtUnit {
  private static final Condition E =
      due(
          "split-vowel/e",
          "the vowel is long before one last consonant sound, so vowel + consonant + e is due",
          "The vowel says its name before one last consonant: put an e at the end.",
          right("hope"),
          right("cakes"),
          under("cone", "con"));
  private static final Condition SHORT =
      notDue(
          "split-vowel/short",
          "the vowel is short, so no e is due after the last consonant",
          "The vowel is short: no e.",
          right("hop"),
          over("plan", "plane"));
  private static final Condition CLUSTER =
      notDue(
          "split-vowel/cluster",
          "two consonants follow the vowel, so no e is due",
          "Two consonants at the end: no e.",
          right("lamp"),
          over("hand", "hande"));
  private static final Condition TEAM =
      notDue(
          "split-vowel/team",
          "two letters spell the long vowel, so no e is due",
          "Two letters make the vowel already: no e.",
          right("rain"),
          over("boat", "boate"));

  private static final Map<String, String> LETTER =
      Map.of(
          "FACE", "a", "FLEECE", "e", "PRICE", "i", "GOAT", "o", "GOOSE", "u", "CUTE", "u", "TUNE",
          "u");

  SplitVowel() {
    super(
        new About(
            "split-vowel",
            "vowel, consonant, e",
            "A long vowel before one final consonant sound is often vowel + consonant + e; a short one, and one of two letters, has no e.",
            "Does one vowel letter say its name before one last consonant? Put an e at the end.",
            "The silent e marks the vowel as long; the vowel letter alone would be read short.",
            "a_e",
            "a"),
        E,
        SHORT,
        CLUSTER,
        TEAM);
  }

  @Override
  public boolean isWeak() {
    return true;
  }

  @Override
  Optional<Opportunity> at(Place place) {
    if (beforeOneLastConsonant(place)) {
      String letter = LETTER.get(place.sound());
      if (letter != null && (place.unit().grapheme().isSplit() || isOneLetter(place))) {
        String why =
            "the vowel is long before one last consonant sound, so %s + consonant + e is due";
        return Optional.of(E.at(place, letter + "_e", why.formatted(letter)).leftOutBy(letter));
      }
      boolean shortLetter = place.unit().isShortVowelLetter() && oneLetterAfter(place);
      if (shortLetter && place.word().cut().isLast(place.index() + 1)) {
        String why = "the vowel, " + place.grapheme() + ", is short, so no e is due after ";
        return Optional.of(
            SHORT
                .at(place, place.grapheme(), why + place.after().orElseThrow().grapheme())
                .tooMuch(place.grapheme() + "_e"));
      }
    }
    return lastConsonant(place);
  }

  /** The consonant that ends a one-beat word after another one, or after a team. */
  private static Optional<Opportunity> lastConsonant(Place place) {
    boolean last =
        place.endsWord()
            && place.word().isOneBeat()
            && place.word().join().isEmpty()
            && !place.unit().sound().isVowel()
            && !place.grapheme().endsWith("e");
    if (!last || place.index() == 0) {
      return Optional.empty();
    }
    Before before = Before.of(place);
    if (place.grapheme().length() > 1) {
      return before == Before.SHORT ? Optional.of(closed(place)) : Optional.empty();
    }
    boolean afterShort =
        before == Before.CONSONANT
            && new Place(place.word(), place.index() - 1).afterShortVowelLetter();
    boolean afterTeam = before == Before.TEAM && LETTER.containsKey(beforeSound(place));
    if (!afterShort && !afterTeam || mayHaveE(place)) {
      return Optional.empty();
    }
    String letters = place.before().orElseThrow().grapheme().text();
    String why =
        afterTeam
            ? "two letters, " + letters + ", spell the long vowel, so no e is due"
            : "two consonants, "
                + letters
                + place.grapheme()
                + ", follow the short vowel, so no e is due";
    return Optional.of(
        (afterTeam ? TEAM : CLUSTER)
            .at(place, place.grapheme(), why)
            .tooMuch(place.grapheme() + "e"));
  }

  /** cliff, duck: two letters show already that the vowel is short. */
  private static Opportunity closed(Place place) {
    String why =
        "the vowel, %s, is short, so no e is due after %s"
            .formatted(place.before().orElseThrow().grapheme(), place.grapheme());
    return SHORT.at(place, place.grapheme(), why).tooMuch(place.grapheme() + "e");
  }

  private static String beforeSound(Place place) {
    return place.before().orElseThrow().sound().id();
  }

  /** After s, z, v, c and g an e has work of its own (house, freeze, leave, dance). */
  private static boolean mayHaveE(Place place) {
    return "szvcg".contains(place.grapheme());
  }

  private static boolean beforeOneLastConsonant(Place place) {
    Optional<Unit> next = place.after();
    return next.isPresent()
        && !next.get().sound().isVowel()
        && !next.get().sound().isRun()
        && !ownsE(next.get())
        && (place.beatsUpTo() == 1 || place.unit().stress() != Unit.Stress.NONE)
        && new Place(place.word(), place.index() + 1).endsPart()
        && place.word().join().map(j -> j.ending().equals("s")).orElse(true);
  }

  /** stage and leave: the e is the consonant's. */
  private static boolean ownsE(Unit consonant) {
    String letters = consonant.grapheme().text();
    return letters.length() > 1 && letters.endsWith("e");
  }

  private static boolean isOneLetter(Place place) {
    return place.grapheme().length() == 1;
  }

  private static boolean oneLetterAfter(Place place) {
    return place.after().filter(u -> u.grapheme().text().length() == 1).isPresent();
  }
}
