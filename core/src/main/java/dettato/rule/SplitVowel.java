package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import dettato.word.Unit;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** A long vowel before one last consonant: hope against hop. */
final class SplitVowel extends RuleAtUnit {
  SplitVowel() {
    super(
        new About(
            "split-vowel",
            "vowel, consonant, e",
            "A long vowel before one final consonant sound is often vowel + consonant + e; without the e the vowel is short.",
            "Does the vowel say its name before one last consonant? Try an e at the end.",
            "The silent e marks the vowel as long; the vowel letter alone would be read short.",
            "a_e",
            "a"),
        right("hope"),
        right("hop"),
        right("cakes"),
        under("cone", "con"),
        over("plan", "plane"));
  }

  private static final Map<String, String> LETTER =
      Map.of(
          "FACE", "a", "FLEECE", "e", "PRICE", "i", "GOAT", "o", "GOOSE", "u", "CUTE", "u", "TUNE",
          "u");

  @Override
  public boolean isWeak() {
    return true;
  }

  @Override
  Optional<Opportunity> at(Place place) {
    if (!beforeOneLastConsonant(place)) {
      return Optional.empty();
    }
    String letter = LETTER.get(place.sound());
    if (letter != null) {
      return Optional.of(
          Opportunity.due(
                  id(),
                  place.index(),
                  Set.of(letter + "_e"),
                  "the vowel is long before one last consonant sound, so "
                      + letter
                      + " + consonant + e is due")
              .leftOutBy(letter));
    }
    boolean shortLetter = place.unit().isShortVowelLetter() && oneLetterAfter(place);
    return shortLetter && place.word().cut().isLast(place.index() + 1)
        ? Optional.of(
            Opportunity.notDue(
                id(),
                place.index(),
                Set.of(place.grapheme()),
                Set.of(place.grapheme() + "_e"),
                "the vowel is short, so no e is due after the last consonant"))
        : Optional.empty();
  }

  private static boolean beforeOneLastConsonant(Place place) {
    Optional<Unit> next = place.after();
    return next.isPresent()
        && !next.get().sound().isVowel()
        && !next.get().sound().isRun()
        && (place.beatsUpTo() == 1 || place.unit().stress() != Unit.Stress.NONE)
        && new Place(place.word(), place.index() + 1).endsPart()
        && place.word().join().map(j -> j.ending().equals("s")).orElse(true);
  }

  private static boolean oneLetterAfter(Place place) {
    return place.after().filter(u -> u.grapheme().text().length() == 1).isPresent();
  }
}
