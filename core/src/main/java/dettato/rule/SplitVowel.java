package dettato.rule;

import static dettato.rule.Example.over;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import dettato.word.Unit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** A long vowel before one last consonant: hope against hop. */
final class SplitVowel extends RuleAtUnit {
  @Override
  public String id() {
    return "split-vowel";
  }

  @Override
  public String name() {
    return "vowel, consonant, e";
  }

  @Override
  public String says() {
    return "A long vowel before one final consonant sound is often vowel + consonant + e; without the e the vowel is short.";
  }

  @Override
  public String saysToChild() {
    return "Does the vowel say its name before one last consonant? Try an e at the end.";
  }

  @Override
  public String reason() {
    return "The silent e marks the vowel as long; the vowel letter alone would be read short.";
  }

  @Override
  public List<String> contrast() {
    return List.of("a_e", "a");
  }

  private static final Map<String, String> LETTER =
      Map.of(
          "FACE", "a", "FLEECE", "e", "PRICE", "i", "GOAT", "o", "GOOSE", "u", "CUTE", "u", "TUNE",
          "u");

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
                  "the vowel is long before one last consonant sound: "
                      + letter
                      + " + consonant + e is due")
              .leftOutBy(Set.of(letter)));
    }
    boolean shortLetter = place.unit().isShortVowelLetter() && oneLetterAfter(place);
    return shortLetter && place.word().cut().isLast(place.index() + 1)
        ? Optional.of(
            Opportunity.notDue(
                id(),
                place.index(),
                Set.of(place.grapheme()),
                Set.of(place.grapheme() + "_e"),
                "the vowel is short: no e is due after the last consonant"))
        : Optional.empty();
  }

  private static boolean beforeOneLastConsonant(Place place) {
    Optional<Unit> next = place.after();
    return next.isPresent()
        && !next.get().sound().isVowel()
        && !next.get().sound().isRun()
        && place.beatsUpTo() == 1
        && new Place(place.word(), place.index() + 1).endsWordOrBase()
        && place.word().join().map(j -> j.ending().equals("s")).orElse(true);
  }

  private static boolean oneLetterAfter(Place place) {
    return place.after().filter(u -> u.grapheme().text().length() == 1).isPresent();
  }

  @Override
  public List<Example> examples() {
    return List.of(
        right("hope"), right("hop"), right("cakes"), under("cone", "con"), over("plan", "plane"));
  }
}
